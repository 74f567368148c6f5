<?php

/** A person the salon works for. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'phone'])]
class Client implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: Household::class, inversedBy: 'clients')]
    #[ORM\JoinColumn(nullable: false)]
    public Household $household;

    #[ORM\Column(length: 80)]
    public string $name;

    #[ORM\Column(length: 40)]
    public string $phone;

    #[ORM\Column(length: 120)]
    public string $email = '';

    /** What they said of being written to: one of WriteRule::CONSENT. */
    #[ORM\Column(length: 8, options: ['default' => 'unasked'])]
    public string $writes = 'unasked';

    /** When they said it. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $writesOn = null;

    /** Whether they may fetch the dogs. */
    #[ORM\Column(options: ['default' => true])]
    public bool $collects = true;

    /** What they say at the door, so that they are known. */
    #[ORM\Column(length: 60, options: ['default' => ''])]
    public string $word = '';

    public function __construct(Uuid $id, Household $household, string $name, string $phone)
    {
        $this->id = $id;
        $this->salon = $household->salon;
        $this->household = $household;
        $this->name = $name;
        $this->phone = $phone;
        $household->clients->add($this);
    }

    /** Number or address messages go to; empty: none is known. */
    public function address(): string
    {
        return '' !== $this->phone ? $this->phone : $this->email;
    }
}
