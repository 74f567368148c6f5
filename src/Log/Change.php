<?php

/** Who changed what: one row per change, with what it was before and after. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Table(name: 'change_log')]
#[ORM\Index(columns: ['salon_id', 'id'])]
#[ORM\Index(columns: ['dog_id', 'id'])]
#[ORM\Index(name: 'part_of', columns: ['part_of', 'dog_id'])]
class Change implements SalonOwned
{
    use Owned;

    /** A dog; whose class stands for it is said in Doctrine's configuration. */
    #[ORM\ManyToOne(targetEntity: Subject::class)]
    public ?Subject $dog;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\Column]
    public \DateTimeImmutable $at;

    /** plan_zone, dog, visit, booking, kit. */
    #[ORM\Column(length: 12)]
    public string $kind;

    /** The zone of a plan change, else the id of what changed. */
    #[ORM\Column(length: 64)]
    public string $subject;

    #[ORM\Column(length: 300)]
    public string $summary;

    /** @var array<string, mixed>|null */
    #[ORM\Column(name: 'was', type: 'json', nullable: true)]
    public ?array $before;

    /** @var array<string, mixed>|null */
    #[ORM\Column(name: 'became', type: 'json', nullable: true)]
    public ?array $after;

    /** Plan revision this change made, 0 for other kinds. */
    #[ORM\Column]
    public int $revision = 0;

    /** The change that took this one back. */
    #[ORM\ManyToOne(targetEntity: self::class)]
    public ?self $undoneBy = null;

    /** The change this one belongs to, such as a pattern's to its cards. */
    #[ORM\Column(type: 'uuid', nullable: true)]
    public ?Uuid $partOf = null;

    /**
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     */
    public function __construct(
        Uuid $id,
        Salon $salon,
        ?Subject $dog,
        Staff $staff,
        \DateTimeImmutable $at,
        string $kind,
        string $subject,
        string $summary,
        ?array $before,
        ?array $after,
    ) {
        $this->id = $id;
        $this->salon = $salon;
        $this->dog = $dog;
        $this->staff = $staff;
        $this->at = $at;
        $this->kind = $kind;
        $this->subject = $subject;
        $this->summary = mb_substr($summary, 0, 300);
        $this->before = $before;
        $this->after = $after;
    }
}
