<?php

/** One dog's arrival: what came in, what was found, what was agreed. One a day. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\PriceList;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

/**
 * @phpstan-type MatRow array{zone: string, severity: int, spread: float|null, clearance: bool|null,
 *     overrule: string|null, why: string, skin: string|null}
 *
 * @phpstan-import-type Extra from PriceList
 *
 * @phpstan-type Comb array{stops_first: int|null, stops_second: int|null, zones: list<MatRow>}
 */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['dog_id', 'day'])]
#[ORM\Index(columns: ['salon_id', 'day'])]
class Arrival implements SalonOwned
{
    use Owned;

    public const CHOICES = ['as_reckoned', 'save_the_coat', 'even_out'];
    public const STATES = ['open', 'agreed', 'refused'];

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $day;

    /** What the dog has come for. */
    #[ORM\Column(enumType: Service::class, length: 8, options: ['default' => 'full'])]
    public Service $kind = Service::Full;

    /** It was washed and dried the day before: no bath today. */
    #[ORM\Column(options: ['default' => false])]
    public bool $washed = false;

    /** @var list<Extra> asked for on top, as it was when it was asked for */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $extras = [];

    #[ORM\Column(length: 8)]
    public string $state = 'open';

    /** @var Comb */
    #[ORM\Column(type: 'json')]
    public array $comb = ['stops_first' => null, 'stops_second' => null, 'zones' => []];

    #[ORM\Column]
    public int $combVersion = 1;

    /** @var array<string, mixed> as HandsOn::shape() accepts it */
    #[ORM\Column(name: 'hands_on', type: 'json')]
    public array $handsOn = [];

    #[ORM\Column]
    public int $checkVersion = 1;

    #[ORM\Column(length: 16)]
    public string $choice = 'as_reckoned';

    /**
     * Of the whole row, in the WHERE of every UPDATE; comb test and check each have the one that their screen names.
     */
    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    public int $rowVersion = 1;

    /** Load reckoned from the comb test, kept for the trend. */
    #[ORM\Column(name: 'mat_load')]
    public float $load = 0.0;

    /** Null: nobody knows, before that was kept. */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $cameAt = null;

    /** When it went home; null: it is still here. */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $leftAt = null;

    /** Who fetched it. */
    #[ORM\Column(length: 120, options: ['default' => ''])]
    public string $leftWith = '';

    /** What the owner said of somebody who is not on the list. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    public string $leftWord = '';

    /** Moved in SQL only, by the till. */
    #[ORM\Column(updatable: false, options: ['default' => false])]
    public bool $paid = false;

    public function __construct(Uuid $id, Dog $dog, Staff $staff, \DateTimeImmutable $day)
    {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
        $this->staff = $staff;
        $this->day = $day;
    }

    /** @return list<array{label: string, minor: int}> what is agreed on top of the minutes */
    public function fees(): array
    {
        return array_map(
            static fn (array $e): array => ['label' => $e['name'], 'minor' => $e['minor']],
            $this->extras,
        );
    }

    public function extraMinutes(): float
    {
        return (float) array_sum(array_column($this->extras, 'minutes'));
    }
}
