<?php

/** One dog's work for the order rule: zones with their tools, mats, what was found today, what its card wants. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Today\Today;
use KeenThistle\Core\Zone\Zone;

final readonly class Job
{
    private const TIRING_HEALTH = ['heart', 'airway'];
    public const SOILS = ['none', 'light', 'stuck', 'heavy'];
    /** Share of the body from which on a dog that has to stay dry there is not bathed at all. */
    private const TOO_MUCH_TO_KEEP_DRY = 0.2;

    /**
     * @param array<string, Cut> $zones by zone
     * @param list<MatWork> $mats
     * @param list<Edge> $exceptions of the card
     * @param list<Step> $skip steps that are not done today
     * @param bool $comesOff the coat comes off: nothing is brushed that goes
     * @param string $rearSoil one of SOILS
     * @param list<Step> $wanted teeth, where they are agreed
     * @param list<string> $dry zones that stay dry
     * @param array<string, float> $minutes by phase of the estimate
     * @param array<string, float> $byStep minutes that somebody said, by step
     * @param bool $tires puppy, senior, painful, heart or airway: a rest every twenty minutes
     */
    public function __construct(
        public array $zones,
        public CoatType $coat,
        public array $mats = [],
        public array $exceptions = [],
        public array $skip = [],
        public bool $comesOff = false,
        public bool $smells = false,
        public bool $fearsDryer = false,
        public bool $shortPatience = false,
        public string $rearSoil = 'none',
        public array $wanted = [],
        public array $dry = [],
        public array $minutes = [],
        public array $byStep = [],
        public bool $tires = false,
        public Service $service = Service::Full,
    ) {
    }

    /**
     * From today's list.
     *
     * @param int|null $dryer how the dog bears one, 0 to 5; null: nobody has written it down
     * @param array<string, float> $minutes by phase
     * @param list<Edge> $exceptions of the card
     * @param bool $tiresNow seen at the table today
     * @param list<Step> $skip steps that are not done today
     */
    public static function today(
        Today $today,
        CoatType $coat,
        Handling $handling,
        ?int $dryer = null,
        string $rearSoil = 'none',
        array $minutes = [],
        bool $tires = false,
        array $exceptions = [],
        Service $service = Service::Full,
        bool $tiresNow = false,
        array $skip = [],
    ): self {
        $zones = [];
        foreach ($today->rows as $zone => $row) {
            if (null !== $row->tool && Row::NOT_TOUCHED !== $row->state && 'mat' !== $row->from) {
                $zones[$zone] = Cut::of($row->tool, $row->lay ?? Lay::With, $row->finished);
            }
        }

        return new self(
            $zones,
            $coat,
            array_map(MatWork::of(...), array_values(self::mats($today))),
            $exceptions,
            $skip,
            comesOff: $today->comesOff(),
            fearsDryer: null !== $dryer && $dryer <= 1,
            shortPatience: $tiresNow || \in_array($handling, [Handling::Painful, Handling::Frightened], true),
            rearSoil: $rearSoil,
            dry: $today->dry,
            minutes: $minutes,
            tires: $tires || $tiresNow || Handling::Painful === $handling,
            service: $service,
        );
    }

    /**
     * Whether a dog of this age and health is to rest every twenty minutes.
     *
     * @param list<string> $health
     */
    public static function restsOften(CoatStage $stage, array $health): bool
    {
        return \in_array($stage, [CoatStage::Puppy, CoatStage::Senior], true)
            || [] !== array_intersect(self::TIRING_HEALTH, $health);
    }

    /** @return array<ZoneDecision> mats of zones that somebody works on today */
    private static function mats(Today $today): array
    {
        return array_filter(
            $today->mats->zones,
            static fn (ZoneDecision $z): bool => !\in_array(
                $today->rows[$z->mat->zone->id]->state ?? Row::PLANNED,
                [Row::NOT_TOUCHED, Row::DEFERRED, Row::DONE],
                true,
            ),
        );
    }

    /** Whether so much has to stay dry that the dog is wiped, not bathed. */
    public function staysDry(): bool
    {
        $share = 0.0;
        foreach ($this->dry as $zone) {
            $share += Zone::of($zone)->share();
        }

        return $share > self::TOO_MUCH_TO_KEEP_DRY;
    }
}
