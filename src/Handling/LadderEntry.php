<?php

/** One step of the acclimatising ladder as it went: tool, rung, calm or not, when, where, by whom. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['dog_id', 'day', 'id'])]
class LadderEntry implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\ManyToOne(targetEntity: Place::class)]
    public ?Place $place;

    #[ORM\Column(enumType: Tool::class, length: 16)]
    public Tool $tool;

    #[ORM\Column(enumType: Rung::class, length: 24)]
    public Rung $rung;

    #[ORM\Column]
    public bool $calm;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $day;

    public function __construct(
        Uuid $id,
        Dog $dog,
        Staff $staff,
        ?Place $place,
        Tool $tool,
        Rung $rung,
        bool $calm,
        \DateTimeImmutable $day,
    ) {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
        $this->staff = $staff;
        $this->place = $place;
        $this->tool = $tool;
        $this->rung = $rung;
        $this->calm = $calm;
        $this->day = $day;
    }
}
