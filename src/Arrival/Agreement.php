<?php

/** What an owner agreed to, or refused: a copy of what was shown, signed, never changed afterwards. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

/** @phpstan-type Terms array<string, mixed> */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['arrival_id', 'number'])]
#[ORM\UniqueConstraint(columns: ['token'])]
class Agreement implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Arrival::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Arrival $arrival;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    /** 1, 2, 3 … for this arrival. */
    #[ORM\Column]
    public int $number;

    #[ORM\Column]
    public bool $agreed;

    #[ORM\Column(length: 80)]
    public string $signedBy;

    /** SVG path data in a 600 × 200 box; empty for a refusal without a signature. */
    #[ORM\Column(type: 'text')]
    public string $signature;

    /** What was shown, as JSON text: kept as text so that its seal can be checked byte by byte. */
    #[ORM\Column(type: 'text')]
    public string $terms;

    #[ORM\Column]
    public \DateTimeImmutable $at;

    #[ORM\Column(length: 64)]
    public string $seal = '';

    /** Opens the owner's copy without signing in. */
    #[ORM\Column(length: 40)]
    public string $token;

    /** The link opens nothing any more from then on. Moved in SQL only. */
    #[ORM\Column(updatable: false, nullable: true)]
    public ?\DateTimeImmutable $linkUntil;

    public function __construct(
        Uuid $id,
        Arrival $arrival,
        Staff $staff,
        int $number,
        bool $agreed,
        string $signedBy,
        string $signature,
        string $terms,
        \DateTimeImmutable $at,
        string $token,
    ) {
        $this->id = $id;
        $this->salon = $arrival->salon;
        $this->arrival = $arrival;
        $this->staff = $staff;
        $this->number = $number;
        $this->agreed = $agreed;
        $this->signedBy = $signedBy;
        $this->signature = $signature;
        $this->terms = $terms;
        $this->at = $at;
        $this->token = $token;
        $this->linkUntil = $at->modify(OwnerLink::VALID);
    }
}
