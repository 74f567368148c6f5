<?php

/** What a salon charges from a day on, until a later list begins. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Timing\Charges;
use KeenThistle\Core\Timing\HouseTerms;
use Symfony\Component\Uid\Uuid;

/**
 * @phpstan-type Extra array{name: string, minor: int, minutes: int}
 * @phpstan-type Terms array{cancel_hours: int, cancel_percent: int, no_show_percent: int, late_free: int,
 *     late_quarter_minor: int}
 */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['salon_id', 'begins'])]
class PriceList implements SalonOwned
{
    use Owned;
    use Versioned;

    /** Of a salon's first list: whatever came before it is reckoned by it too. */
    public const FIRST = '2000-01-01';

    /** As Owned has it, known from the salon too. */
    #[ORM\ManyToOne(targetEntity: Salon::class, inversedBy: 'prices')]
    #[ORM\JoinColumn(nullable: false)]
    public Salon $salon;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $begins;

    /** Minor currency units per minute of work; an hour of it is what people say, so it may have a fraction. */
    #[ORM\Column]
    public float $rate = 60.0;

    /** Minor currency units per minute on mats. */
    #[ORM\Column]
    public float $matRate = 80.0;

    /** @var array<string, int> minor units that a visit costs at least, by kind */
    #[ORM\Column(type: 'json')]
    public array $least = [];

    /** @var list<Extra> what can be asked for on top */
    #[ORM\Column(type: 'json')]
    public array $extras = [];

    /** @var Terms */
    #[ORM\Column(type: 'json')]
    public array $terms = [
        'cancel_hours' => 0,
        'cancel_percent' => 0,
        'no_show_percent' => 0,
        'late_free' => 0,
        'late_quarter_minor' => 0,
    ];

    #[ORM\Column]
    public float $taxPercent = 0.0;

    #[ORM\Column]
    public bool $taxIncluded = true;

    public function __construct(Uuid $id, Salon $salon, \DateTimeImmutable $begins)
    {
        $this->id = $id;
        $this->salon = $salon;
        $this->begins = $begins;
    }

    public function charges(): Charges
    {
        return new Charges($this->rate, $this->matRate, $this->least, $this->taxPercent, $this->taxIncluded);
    }

    public function terms(): HouseTerms
    {
        return new HouseTerms(
            $this->terms['cancel_hours'],
            $this->terms['cancel_percent'],
            $this->terms['no_show_percent'],
            $this->terms['late_free'],
            $this->terms['late_quarter_minor'],
        );
    }
}
