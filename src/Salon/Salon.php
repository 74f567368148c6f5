<?php

/** One salon: the owner of everything else, and its settings. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Coat\Season;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
class Salon
{
    /** us: pounds, and inches before millimetres. */
    public const UNITS = ['metric', 'us'];

    #[ORM\Id]
    #[ORM\Column(type: UuidType::NAME)]
    public Uuid $id;

    #[ORM\Column(length: 80)]
    public string $name;

    #[ORM\Column(length: 3)]
    public string $currency = 'EUR';

    #[ORM\Column(enumType: Season::class, length: 5)]
    public Season $hemisphere = Season::North;

    /** Whose day it is: a name of the time zone database. */
    #[ORM\Column(length: 40, options: ['default' => 'UTC'])]
    public string $timeZone = 'UTC';

    /** What its people read the screens in, where they have not chosen another themselves: one of Languages. */
    #[ORM\Column(length: 5, options: ['default' => 'en'])]
    public string $language = 'en';

    /** How weights and lengths are shown and typed, one of UNITS; what is kept and reckoned is metric. */
    #[ORM\Column(length: 6, options: ['default' => 'metric'])]
    public string $units = 'metric';

    /** Made up, to look around in: every page says so. */
    #[ORM\Column(options: ['default' => false])]
    public bool $demo = false;

    /** The texts of messages are kept so long; 0: for ever, as in a salon that was there before it could be said. */
    #[ORM\Column(type: 'smallint', options: ['default' => 0])]
    public int $keepMessagesMonths = 24;

    /** A home that nobody comes from any more is erased after so long; 0: never. */
    #[ORM\Column(type: 'smallint', options: ['default' => 0])]
    public int $keepGoneYears = 0;

    /** Whether this salon asks for proof of vaccination. */
    #[ORM\Column(options: ['default' => true])]
    public bool $asksForVaccination = true;

    /** Days before a visit on which its owner is reminded; 0: nobody is. */
    #[ORM\Column(type: 'smallint', options: ['default' => 2])]
    public int $remindDays = 2;

    /** Heavier dogs take a lift table, or two people. */
    #[ORM\Column(options: ['default' => 20])]
    public float $liftKg = 20.0;

    #[ORM\Column]
    public float $matLimit = 12.0;

    /**
     * Chosen sides by point; points that are not there stand as the table has them.
     *
     * @var array<string, string>
     */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $schools = [];

    /** @var list<array{kind: string, name: string, drawing: string}> styles of its own, beside StyleTable's */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $styles = [];

    /** Of this row, in the WHERE of every UPDATE. */
    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    public int $houseVersion = 1;

    /** Grows (in SQL only) with every change to the kit, so that open cards know their lengths are old. */
    #[ORM\Column(updatable: false)]
    public int $kitVersion = 1;

    /** @var Collection<int, PriceList> oldest first, never none */
    #[ORM\OneToMany(targetEntity: PriceList::class, mappedBy: 'salon', cascade: ['persist'])]
    #[ORM\OrderBy(['begins' => 'ASC'])]
    public Collection $prices;

    public function __construct(Uuid $id, string $name)
    {
        $this->id = $id;
        $this->name = $name;
        $first = new PriceList(Uuid::v7(), $this, new \DateTimeImmutable(PriceList::FIRST));
        $this->prices = new ArrayCollection([$first]);
    }

    /** The list of that day: the last one that has begun by then, else the first. */
    public function pricesOn(\DateTimeImmutable $day): PriceList
    {
        $iso = $day->format('Y-m-d');
        $on = null;
        foreach ($this->prices as $list) {
            if (null === $on || $list->begins->format('Y-m-d') <= $iso) {
                $on = $list;
            }
        }

        return $on ?? throw new \LogicException('A salon has prices from its first day on.');
    }
}
