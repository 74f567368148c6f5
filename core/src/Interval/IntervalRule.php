<?php

/** When the dog should be back: every clock with its reasons, and what follows from them. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Matting\Limits;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class IntervalRule
{
    private const SOONEST = 2;
    private const LATEST = 26;

    /** @param int|null $wish weeks the owner would like, 1 to 52 */
    public function next(Facts $facts, ?int $wish = null): Interval
    {
        $mats = new MatClock($facts);
        $shape = (new ShapeClock())->of($facts);
        $mat = $mats->clock();
        $care = (new CareClocks())->of($facts);
        $clocks = array_values(array_filter([$shape, $mat, ...$care]));

        $leading = self::shortest(array_values(array_filter([$shape, $mat])));
        $full = null === $leading ? null : max(self::SOONEST, min(self::LATEST, $leading->wholeWeeks()));
        $hygiene = self::shortest(array_values(array_filter($care, static fn (Clock $c): bool => $c->isHygiene())));
        $tidy = null === $hygiene ? null : max(1, $hygiene->wholeWeeks());
        if (null !== $full && $tidy >= $full) {
            $tidy = null;
        }
        $binding = $leading ?? self::shortest($care);
        $reasons =
            null === $leading
                ? [
                    new Reason(
                        'no_coat_clock',
                        $binding->weeks ?? 0.0,
                        'weeks',
                        Say::it('interval.neither_shape_nor_mats_ask_for', $binding->name ?? 'bath'),
                    ),
                ]
                : [
                    new Reason(
                        $leading->name,
                        round($leading->weeks, 1),
                        'weeks',
                        Say::it('interval.the_earlier_of_shape_and_mats'),
                    ),
                    ...self::bounds($leading, $full),
                ];

        return new Interval(
            $full,
            $binding->name ?? 'bath',
            $clocks,
            $tidy,
            $reasons,
            self::advice($mat),
            null === $wish ? null : $this->answer($facts, $mats, $clocks, $wish),
        );
    }

    /**
     * @param list<Clock> $clocks
     */
    private static function shortest(array $clocks): ?Clock
    {
        $best = null;
        foreach ($clocks as $clock) {
            if (null === $best || $clock->weeks < $best->weeks) {
                $best = $clock;
            }
        }

        return $best;
    }

    /** @return list<Reason> */
    private static function bounds(Clock $leading, ?int $full): array
    {
        return match (true) {
            $full === $leading->wholeWeeks() => [],
            self::SOONEST === $full => [
                new Reason('soonest', self::SOONEST, 'weeks', Say::it('interval.not_sooner_than_this')),
            ],
            default => [new Reason('latest', self::LATEST, 'weeks', Say::it('interval.not_later_than_this'))],
        };
    }

    /** @return list<Caution> */
    private static function advice(?Clock $mat): array
    {
        if (null === $mat || $mat->weeks >= self::SOONEST) {
            return [];
        }

        return [new Caution('visits_cannot_keep_this_coat', Say::it('interval.visits_alone_cannot_keep_this_coat'))];
    }

    /** @param list<Clock> $clocks */
    private function answer(Facts $facts, MatClock $mats, array $clocks, int $wish): WishAnswer
    {
        $breaks = [];
        foreach ($clocks as $clock) {
            if ($wish > $clock->wholeWeeks()) {
                $breaks[] = [
                    'clock' => $clock->name,
                    'weeks' => round($clock->weeks, 1),
                    'over_by_weeks' => round($wish - $clock->weeks, 1),
                ];
            }
        }
        $mean = $facts->bodyMeanMm();
        $growth =
            null === $facts->month
                ? $facts->growth
                : $facts->growth->withFactor($facts->season->growthFactor($facts->month));
        $length =
            null === $mean
                ? null
                : $growth->after(Length::ofMillimetres($mean), $wish, $facts->stage, $facts->from, $facts->season);
        $load = $mats->load($wish);
        $minutes = null === $facts->kg ? null : self::mattingMinutes($load, $facts);
        $fee =
            null === $minutes || null === $facts->matRate
                ? null
                : (int) round(max(0.0, $minutes - MattingRule::FREE_MINUTES) * $facts->matRate);
        $reasons = [
            new Reason(
                'expected_load',
                round($load, 1),
                'load',
                Say::it('interval.after_weeks_with_this_upkeep_the', $wish, $facts->matLimit),
            ),
        ];
        if (null !== $minutes) {
            $reasons[] = new Reason(
                'matting_minutes',
                round($minutes, 1),
                'min',
                Say::it(
                    'interval.up_to_load_as_tangles_the',
                    $facts->matLimit,
                    round(self::bears($facts), 1),
                ),
            );
        }

        return new WishAnswer($wish, $breaks, $length, $load, $minutes, $fee, $reasons);
    }

    /** The load spread over the body: what working it out would take, and from the welfare limit on, clipping under. */
    private static function mattingMinutes(float $load, Facts $facts): float
    {
        $cm2 = Surface::cm2($facts->kg ?? 0.0);
        $tangles = (($cm2 * min($load, $facts->matLimit)) / 100) * 4;
        $mats = ((($cm2 * max(0.0, $load - $facts->matLimit)) / 100) * 4) / 2;
        $work = (min($tangles, $cm2) * Mat::WORK[1] + min($mats, $cm2) * Mat::WORK[2]) / 60;
        $limit = self::bears($facts);

        return $work <= $limit ? $work : min($work, $limit + (($work - $limit) * Mat::CLIP_UNDER) / Mat::WORK[2]);
    }

    /** Minutes of working out that this dog bears in a visit. */
    private static function bears(Facts $facts): float
    {
        return Limits::VISIT_MINUTES *
            Limits::size(Surface::cm2($facts->kg ?? 0.0)) *
            $facts->handling->toleranceFactor();
    }
}
