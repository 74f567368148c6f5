<?php

/** A dog that would come sooner if there were a place: for what, from when to when, with whom. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'until', 'since'])]
#[ORM\UniqueConstraint(columns: ['dog_id', 'kind'])]
class WaitingDog implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    public ?Staff $staff = null;

    #[ORM\Column(length: 8)]
    public string $kind;

    /** The first day it could come. */
    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $since;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $until;

    #[ORM\Column(length: 200)]
    public string $note = '';

    public function __construct(
        Uuid $id,
        Dog $dog,
        string $kind,
        \DateTimeImmutable $since,
        \DateTimeImmutable $until,
    ) {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
        $this->kind = $kind;
        $this->since = $since;
        $this->until = $until;
    }
}
