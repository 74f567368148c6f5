<?php

/** One visit of a dog: who, when, what came in, what was done. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['dog_id', 'day', 'id'])]
#[ORM\Index(columns: ['salon_id', 'day'])]
class Visit implements SalonOwned
{
    use Owned;
    use Versioned;

    public const KINDS = ['full', 'bath', 'tidy', 'nails'];

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\ManyToOne(targetEntity: Place::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Place $place;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $day;

    #[ORM\Column(length: 8)]
    public string $kind;

    #[ORM\Column(nullable: true)]
    public ?int $minutes = null;

    /** Minutes that were estimated before it began, without what was learned; null: none was. */
    #[ORM\Column(nullable: true)]
    public ?float $estimate = null;

    /** Matting load found on arrival, 0–100; null: not checked. */
    #[ORM\Column(nullable: true)]
    public ?float $arrivalLoad = null;

    /** Worst severity found in a tender zone, 0–4. */
    #[ORM\Column]
    public int $tenderSeverity = 0;

    #[ORM\Column(enumType: Upkeep::class, length: 20, nullable: true)]
    public ?Upkeep $upkeep = null;

    #[ORM\Column(enumType: CoatStage::class, length: 12, nullable: true)]
    public ?CoatStage $stage = null;

    #[ORM\Column(nullable: true)]
    public ?float $kg = null;

    /**
     * Clocks that this visit did not set back although its kind does: what was left out, put off or not reached.
     *
     * @var list<string>
     */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $leftOut = [];

    /**
     * What the arrival saw of the hygiene clocks.
     *
     * @var array<string, string> clock => not_yet, just or overdue
     */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $seen = [];

    #[ORM\Column(length: 1000)]
    public string $note = '';

    /** The note is for this salon: it does not travel with the dog's history. */
    #[ORM\Column(options: ['default' => false])]
    public bool $noteOwn = false;

    public function __construct(Uuid $id, Dog $dog, Staff $staff, Place $place, \DateTimeImmutable $day, string $kind)
    {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
        $this->staff = $staff;
        $this->place = $place;
        $this->day = $day;
        $this->kind = $kind;
    }
}
