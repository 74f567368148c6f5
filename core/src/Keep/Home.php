<?php

/** A coat and what is done for it at home: what the longest length that can be kept there hangs on. */

declare(strict_types=1);

namespace KeenThistle\Core\Keep;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Upkeep;

final readonly class Home
{
    public float $mmPerWeek;

    /**
     * @param float $learned what this dog's arrivals found against what was expected, 1 where nothing is known
     * @param float|null $mmPerWeek growth as it is; null: usual for coat and stage
     * @param float $limit load
     */
    public function __construct(
        public CoatType $coat,
        public CoatStage $stage = CoatStage::Adult,
        public Upkeep $upkeep = Upkeep::Weekly,
        public float $learned = 1.0,
        ?float $mmPerWeek = null,
        public float $limit = 12.0,
    ) {
        $this->mmPerWeek = $mmPerWeek ?? $coat->growthPerWeek() * $stage->growthFactor();
    }

    public function with(Upkeep $upkeep): self
    {
        return new self($this->coat, $this->stage, $upkeep, $this->learned, $this->mmPerWeek, $this->limit);
    }

    /** Load of a week at full length. */
    public function perWeek(): float
    {
        return $this->learned * Knots::perWeek($this->coat, $this->stage, $this->upkeep);
    }

    public function load(float $mm, float $weeks): float
    {
        return $this->perWeek() * Knots::share($mm, $this->mmPerWeek, $weeks) * $weeks;
    }

    /** Whole mm that stay within the limit for so many weeks; null: any length does, 0: none does. */
    public function longest(int $weeks): ?int
    {
        $atFull = $this->perWeek() * $weeks;
        if ($atFull <= $this->limit + 1e-9) {
            return null;
        }
        if ($atFull * Knots::LEAST > $this->limit + 1e-9) {
            return 0;
        }
        $mm = (Knots::FULL_MM * $this->limit) / $atFull - ($this->mmPerWeek * $weeks) / 2;

        return max(0, (int) floor($mm + 1e-9));
    }

    /** Weeks, rounded down, that a length may wait; null: as long as one likes. */
    public function interval(float $mm): ?int
    {
        if ($this->perWeek() <= 0.0) {
            return null;
        }
        $weeks = Knots::firstWeekAt($this->limit, fn (float $weeks): float => $this->load($mm, $weeks));

        return null === $weeks ? null : (int) floor($weeks + 1e-9);
    }
}
