<?php

/** A road or bridge that is shut for hours of a day. */

declare(strict_types=1);

namespace KeenThistle\Round;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'day'])]
class RoadShut implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $day;

    /** Id on the road map. */
    #[ORM\Column(length: 40)]
    public string $way;

    /** "08:00". */
    #[ORM\Column(length: 5)]
    public string $shutFrom;

    #[ORM\Column(length: 5)]
    public string $shutTo;

    public function __construct(Staff $by, \DateTimeImmutable $day, string $way, string $from, string $to)
    {
        $this->id = Uuid::v7();
        $this->salon = $by->salon;
        $this->staff = $by;
        $this->day = $day;
        $this->way = $way;
        $this->shutFrom = $from;
        $this->shutTo = $to;
    }
}
