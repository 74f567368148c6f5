<?php

/** Everything the interval rule needs to know about a dog. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Growth\Growth;
use KeenThistle\Core\Handling\Handling;

final readonly class Facts
{
    /**
     * @param list<ZoneLeft> $zones
     * @param list<PastVisit> $history oldest first
     * @param \DateTimeImmutable|null $from the day of the last groom: growth follows the season from there
     * @param int|null $month 1–12, where only the month is known: its factor for the whole span
     * @param bool|null $faceHair null: told from coat and zones
     * @param float|null $matRate minor currency units per matting minute
     * @param array<string, float> $since weeks since each clock's own last reset; 0 where it is left out
     * @param bool $bathMonthly the school of bathing not more than about monthly
     * @param bool $openEars upright, open ears: they air themselves
     */
    public function __construct(
        public Growth $growth,
        public array $zones,
        public Upkeep $upkeep = Upkeep::Weekly,
        public Finish $finish = Finish::Neat,
        public CoatStage $stage = CoatStage::Adult,
        public array $history = [],
        public ?\DateTimeImmutable $from = null,
        public ?int $month = null,
        public Season $season = Season::North,
        public Ground $ground = Ground::Mixed,
        public bool $hardFloor = false,
        public int $dewclaws = 0,
        public ?bool $faceHair = null,
        public bool $handStripped = false,
        public ?float $nextInstalmentWeeks = null,
        public bool $soiled = false,
        public ?float $kg = null,
        public Handling $handling = Handling::Calm,
        public ?float $matRate = null,
        public float $matLimit = 12.0,
        public array $since = [],
        public bool $bathMonthly = true,
        public bool $openEars = false,
    ) {
    }

    /** Area-weighted mean of the known lengths, mm; null where none is known. */
    public function bodyMeanMm(): ?float
    {
        $area = 0;
        $sum = 0.0;
        foreach ($this->zones as $z) {
            if (null !== $z->finished) {
                $area += $z->zone->hundredths;
                $sum += $z->zone->hundredths * $z->finished->mm();
            }
        }

        return 0 === $area ? null : $sum / $area;
    }

    /** Mean growth over the first $weeks, mm/week. */
    public function speed(float $weeks): float
    {
        $speed = $this->growth->speed($this->stage, $this->month, $this->season);

        return null === $this->from || $weeks <= 0
            ? $speed
            : $this->growth->speed($this->stage) * $this->season->meanFactor($this->from, $weeks);
    }

    public function growsIntoTheEyes(): bool
    {
        if (null !== $this->faceHair) {
            return $this->faceHair;
        }
        foreach ($this->zones as $z) {
            if ($z->zone->face && $this->growth->coat->growsOverTheFace()) {
                return true;
            }
        }

        return false;
    }
}
