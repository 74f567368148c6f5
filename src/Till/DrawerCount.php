<?php

/** A drawer that was counted: what should be in it, what was, what stays for tomorrow. A later count corrects it. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['place_id', 'day', 'round'])]
class DrawerCount implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Place::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Place $place;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $day;

    /** 1, 2, 3 … of that day. */
    #[ORM\Column(type: 'smallint')]
    public int $round;

    #[ORM\Column]
    public \DateTimeImmutable $at;

    #[ORM\Column]
    public int $expected;

    #[ORM\Column]
    public int $counted;

    /** That stays in it. */
    #[ORM\Column(name: 'stays')]
    public int $stays;

    /** Sales of that day until then. */
    #[ORM\Column]
    public int $sales;

    /** Where it does not add up. */
    #[ORM\Column(length: 200)]
    public string $why;

    public function __construct(
        Place $place,
        Staff $staff,
        \DateTimeImmutable $day,
        int $round,
        \DateTimeImmutable $at,
        int $expected,
        int $counted,
        int $stays,
        int $sales,
        string $why,
    ) {
        $this->id = Uuid::v7();
        $this->salon = $staff->salon;
        $this->place = $place;
        $this->staff = $staff;
        $this->day = $day;
        $this->round = $round;
        $this->at = $at;
        $this->expected = $expected;
        $this->counted = $counted;
        $this->stays = $stays;
        $this->sales = $sales;
        $this->why = $why;
    }
}
