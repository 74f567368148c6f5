<?php

/** When the coat is expected to have knotted up to the salon's limit. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Keep\Knots;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class MatClock
{
    private const SHRINK = 12.0;
    private const LEARN_FROM = 8;
    private const TENDER_FROM = 3;

    /** What earlier arrivals found against what was expected. */
    public float $multiplier;
    private float $meanMm;

    public function __construct(private Facts $facts)
    {
        $this->meanMm = $facts->bodyMeanMm() ?? 0.0;
        $this->multiplier = $this->learnedMultiplier();
    }

    /** Load expected on arrival after this many weeks, 0–100. */
    public function load(float $weeks): float
    {
        return min(100.0, $this->multiplier * $this->rawLoad($weeks, $this->facts->upkeep, $this->meanMm));
    }

    public function clock(): ?Clock
    {
        $facts = $this->facts;
        $reasons = [
            new Reason(
                'matting_rate',
                $facts->growth->coat->mattingPerWeek(),
                'load/week',
                Say::it('interval.usual_for_a_coat_at_full', $facts->growth->coat->label()),
            ),
            new Reason('upkeep', $facts->upkeep->mattingFactor(), 'factor', $facts->upkeep->label()),
            new Reason('stage', $facts->stage->mattingFactor(), 'factor', $facts->stage->value.' coat'),
            new Reason(
                'length',
                round($this->lengthFactor(1, $this->meanMm), 2),
                'factor',
                Say::it('interval.body_mean_mm_short_coats_knot', round($this->meanMm, 1)),
            ),
            new Reason(
                'learned',
                round($this->multiplier, 2),
                'factor',
                Say::it('interval.what_earlier_arrivals_found_against_what'),
            ),
            new Reason('limit', $facts->matLimit, 'load', Say::it('interval.the_salons_limit')),
        ];
        $weeks = $this->firstWeekAtLimit();
        foreach (\array_slice($facts->history, -self::TENDER_FROM) as $past) {
            $share = match (true) {
                $past->tenderSeverity >= 3 => 0.6,
                2 === $past->tenderSeverity => 0.75,
                default => null,
            };
            if (null !== $share && $past->weeks > 0 && (null === $weeks || $share * $past->weeks < $weeks)) {
                $weeks = $share * $past->weeks;
                $reasons[] = new Reason(
                    'tender_mats',
                    $past->weeks,
                    'weeks',
                    Say::it('interval.severity_in_a_tender_zone_after', $past->tenderSeverity, $share),
                    $past->visit,
                );
            }
        }

        return null === $weeks ? null : new Clock('mat', $weeks, $reasons);
    }

    private function firstWeekAtLimit(): ?float
    {
        if (0.0 === $this->facts->growth->coat->mattingPerWeek() || null === $this->facts->bodyMeanMm()) {
            return null;
        }

        return Knots::firstWeekAt(
            $this->facts->matLimit,
            fn (float $weeks): float => $this->multiplier *
                $this->rawLoad($weeks, $this->facts->upkeep, $this->meanMm),
        );
    }

    private function rawLoad(float $weeks, Upkeep $upkeep, float $meanMm): float
    {
        return Knots::perWeek($this->facts->growth->coat, $this->facts->stage, $upkeep) *
            $this->lengthFactor($weeks, $meanMm) *
            $weeks;
    }

    private function lengthFactor(float $weeks, float $meanMm): float
    {
        return Knots::share($meanMm, $this->facts->speed($weeks), $weeks);
    }

    private function learnedMultiplier(): float
    {
        $observed = self::SHRINK;
        $expected = self::SHRINK;
        foreach (\array_slice($this->facts->history, -self::LEARN_FROM) as $past) {
            if (null === $past->load) {
                continue;
            }
            $observed += $past->load;
            $expected += $this->rawLoad(
                $past->weeks,
                $past->upkeep ?? $this->facts->upkeep,
                $past->finished?->mm() ?? $this->meanMm,
            );
        }

        return $observed / $expected;
    }
}
