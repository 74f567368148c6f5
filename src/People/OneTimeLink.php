<?php

/** A link that one person may use once: to begin a salon, to join one, to choose a new password. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Staff;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;

/** The secret part is not kept: it follows from the id (OneTimeLinks). Used and taken back in SQL only. */
#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'until_at'])]
class OneTimeLink
{
    public const BEGIN = 'begin';
    public const JOIN = 'join';
    public const RESET = 'reset';

    #[ORM\Id]
    #[ORM\Column(type: UuidType::NAME)]
    public Uuid $id;

    /** begin, join or reset. */
    #[ORM\Column(length: 8)]
    public string $kind;

    /** Null: there is none yet. */
    #[ORM\ManyToOne(targetEntity: Salon::class)]
    public ?Salon $salon = null;

    #[ORM\Column(length: 80)]
    public string $name = '';

    /** Where it was sent; empty: it is handed over by whoever made it. */
    #[ORM\Column(name: 'sent_to', length: 120)]
    public string $to = '';

    /** Of the person who joins. */
    #[ORM\Column(enumType: Role::class, length: 20, nullable: true)]
    public ?Role $role = null;

    #[ORM\ManyToOne(targetEntity: Place::class)]
    public ?Place $place = null;

    /** Whose password it is. */
    #[ORM\ManyToOne(targetEntity: Staff::class)]
    public ?Staff $staff = null;

    #[ORM\Column]
    public \DateTimeImmutable $madeAt;

    #[ORM\Column]
    public \DateTimeImmutable $untilAt;

    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $usedAt = null;

    public function __construct(string $kind, \DateTimeImmutable $now, string $valid)
    {
        $this->id = Uuid::v7();
        $this->kind = $kind;
        $this->madeAt = $now;
        $this->untilAt = $now->modify($valid);
    }
}
