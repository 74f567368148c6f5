<?php

/** Something that went wrong at the table: never hidden, never in the way of the next step. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'at', 'id'])]
#[ORM\UniqueConstraint(columns: ['groom_id', 'tap'])]
class Incident implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: Groom::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Groom $groom;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
    public string $tap;

    #[ORM\Column]
    public \DateTimeImmutable $at;

    #[ORM\Column(length: 16)]
    public string $what;

    #[ORM\Column(length: 40)]
    public string $zone;

    /** In words; "" where no tool was in the hand. */
    #[ORM\Column(length: 60)]
    public string $tool;

    #[ORM\Column(length: 200)]
    public string $action;

    #[ORM\Column]
    public bool $told;

    #[ORM\Column(length: 200)]
    public string $followUp;

    /** The day somebody asks how the dog is. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $followUpOn;

    public function __construct(Groom $groom, Staff $staff, Tap $tap)
    {
        $this->id = Uuid::v7();
        $this->salon = $groom->salon;
        $this->groom = $groom;
        $this->dog = $groom->dog;
        $this->staff = $staff;
        $this->tap = $tap->id;
        $this->at = $tap->at;
        $this->what = $tap->text('what');
        $this->zone = $tap->text('zone');
        $this->tool = $tap->text('tool');
        $this->action = $tap->text('action');
        $this->told = $tap->yes('told');
        $this->followUp = $tap->text('follow_up');
        $on = $tap->text('follow_up_on');
        $this->followUpOn = '' === $on ? null : new \DateTimeImmutable($on);
    }
}
