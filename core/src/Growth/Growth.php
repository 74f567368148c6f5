<?php

/** How fast one dog's coat grows, as far as is known. */

declare(strict_types=1);

namespace KeenThistle\Core\Growth;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;

final readonly class Growth
{
    /**
     * @param float $mmPerWeek mean, before season and stage
     * @param int $n visits learned from
     * @param list<Reason> $reasons
     */
    public function __construct(
        public CoatType $coat,
        public float $mmPerWeek,
        public float $sd,
        public int $n,
        public array $reasons,
    ) {
    }

    /** The speed with a stage and, where the month is known, the season. mm/week. */
    public function speed(CoatStage $stage, ?int $month = null, Season $season = Season::North): float
    {
        return $this->mmPerWeek * $stage->growthFactor() * (null === $month ? 1.0 : $season->growthFactor($month));
    }

    /** The same growth sped up or slowed down as a whole, for a month without a day. */
    public function withFactor(float $factor): self
    {
        return new self($this->coat, $this->mmPerWeek * $factor, $this->sd * $factor, $this->n, $this->reasons);
    }

    /** The same growth with another mean, for the edges of its band. */
    public function withMean(float $mmPerWeek): self
    {
        return new self($this->coat, $mmPerWeek, $this->sd, $this->n, $this->reasons);
    }

    /** min(finished + g·t, max(finished, terminal)); with a day, g follows the season week by week. */
    public function after(
        Length $finished,
        float $weeks,
        CoatStage $stage = CoatStage::Adult,
        ?\DateTimeImmutable $from = null,
        Season $season = Season::North,
    ): Length {
        if ($weeks <= 0) {
            return $finished;
        }
        $factor = null === $from ? 1.0 : $season->meanFactor($from, $weeks);
        $grown = $finished->mm() + $this->mmPerWeek * $stage->growthFactor() * $factor * $weeks;
        $terminal = $this->coat->terminalMm();
        if (null !== $terminal) {
            $grown = min($grown, max($finished->mm(), $terminal));
        }

        return Length::ofMillimetres(min(Length::MAX_MM, $grown));
    }
}
