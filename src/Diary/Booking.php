<?php

/** A dog is expected on a day at a time; a plain list until the diary comes. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'day', 'time', 'id'])]
#[ORM\Index(columns: ['dog_id', 'day'])]
class Booking implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    public ?Staff $staff;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $day;

    /** "09:30". */
    #[ORM\Column(length: 5)]
    public string $time;

    #[ORM\Column(length: 8)]
    public string $kind;

    #[ORM\Column(length: 300)]
    public string $note = '';

    /** "booked" or "cancelled". */
    #[ORM\Column(length: 10)]
    public string $state = 'booked';

    #[ORM\Column]
    public int $version = 1;

    public function __construct(Uuid $id, Dog $dog, ?Staff $staff, \DateTimeImmutable $day, string $time, string $kind)
    {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
        $this->staff = $staff;
        $this->day = $day;
        $this->time = $time;
        $this->kind = $kind;
    }
}
