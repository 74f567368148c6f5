<?php

/** The smallest visit that buys most weeks: which zones a tidy touches so that the full groom moves furthest. */

declare(strict_types=1);

namespace KeenThistle\Core\Stretch;

use KeenThistle\Core\Interval\Facts;
use KeenThistle\Core\Interval\IntervalRule;
use KeenThistle\Core\Interval\Recommended;
use KeenThistle\Core\Interval\ShapeClock;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

/**
 * The outline is due when untouched zones of a fifth of the area are. So for each week a zone falls due, the fewest
 * minutes that leave less than that untouched before it are found exactly, over what area is left untouched.
 */
final readonly class StretchRule
{
    /**
     * @param array<string, float> $minutes by zone; a zone without is not touched
     *
     * @return array{zones: list<string>, minutes: float, weeks_before: float|null, weeks_after: float|null,
     *     weeks_a_minute: float|null, reasons: list<array<string, mixed>>} weeks null: no outline ever asks
     */
    public function answer(Facts $facts, array $minutes, float $budget): array
    {
        ['area' => $area, 'due' => $due] = (new ShapeClock())->due($facts);
        $shape = (new ShapeClock())->of($facts);
        $cap = self::cap($facts);
        if (null === $shape) {
            return self::said([], 0.0, null, null, $cap);
        }
        $best = ['weeks' => min($cap, $shape->weeks), 'minutes' => 0.0, 'zones' => []];
        $before = $best['weeks'];
        /** @var array<int, array{float, list<string>}> $left area left untouched so far => fewest minutes, with what */
        $left = [0 => [0.0, []]];
        foreach ([...$due, null] as $next) {
            $cheapest = self::cheapest($left, $budget);
            if (null === $cheapest) {
                break;
            }
            // All that is due before this week can be kept under a fifth: the outline is due here, or later.
            $weeks = null === $next ? $cap : min($cap, $next[0]);
            if ($weeks > $best['weeks'] + 1e-9) {
                $best = ['weeks' => $weeks, 'minutes' => $cheapest[0], 'zones' => $cheapest[1]];
            }
            if (null !== $next) {
                $id = $next[1]->zone->id;
                $left = self::with($left, $id, $next[1]->zone->hundredths, $minutes[$id] ?? null, $area);
            }
        }

        return self::said($best['zones'], $best['minutes'], $before, $best['weeks'], $cap);
    }

    /** What a tidy does not move: mats, a strip, and half a year. */
    private static function cap(Facts $facts): float
    {
        $cap = (float) Recommended::LATEST;
        foreach ((new IntervalRule())->next($facts)->clocks as $clock) {
            if (\in_array($clock->name, ['mat', 'strip'], true)) {
                $cap = min($cap, $clock->weeks);
            }
        }

        return $cap;
    }

    /**
     * @param array<int, array{float, list<string>}> $left
     *
     * @return array{float, list<string>}|null null: nothing fits the budget
     */
    private static function cheapest(array $left, float $budget): ?array
    {
        $best = null;
        foreach ($left as $way) {
            if ($way[0] <= $budget + 1e-9 && (null === $best || $way[0] < $best[0] - 1e-9)) {
                $best = $way;
            }
        }

        return $best;
    }

    /**
     * @param array<int, array{float, list<string>}> $left
     *
     * @return array<int, array{float, list<string>}>
     */
    private static function with(array $left, string $zone, int $hundredths, ?float $minutes, int $area): array
    {
        $ways = [];
        foreach ($left as $untouched => $way) {
            if ($untouched + $hundredths < ShapeClock::AREA * $area - 1e-9) {
                $ways[] = [$untouched + $hundredths, $way];
            }
            if (null !== $minutes) {
                $ways[] = [$untouched, [$way[0] + $minutes, [...$way[1], $zone]]];
            }
        }
        $out = [];
        foreach ($ways as [$untouched, $way]) {
            if (!isset($out[$untouched]) || $way[0] < $out[$untouched][0]) {
                $out[$untouched] = $way;
            }
        }

        return $out;
    }

    /**
     * @param list<string> $zones
     *
     * @return array{zones: list<string>, minutes: float, weeks_before: float|null, weeks_after: float|null,
     *     weeks_a_minute: float|null, reasons: list<array<string, mixed>>}
     */
    private static function said(array $zones, float $minutes, ?float $before, ?float $after, float $cap): array
    {
        $won = null === $before || null === $after ? 0.0 : $after - $before;

        return [
            'zones' => $zones,
            'minutes' => round($minutes, 1),
            'weeks_before' => null === $before ? null : round($before, 1),
            'weeks_after' => null === $after ? null : round($after, 1),
            'weeks_a_minute' => $minutes > 0 ? round($won / $minutes, 2) : null,
            'reasons' => Reason::listToArray([
                new Reason('area', 100 * ShapeClock::AREA, '%', Say::it('interval.of_the_clipped_and_scissored_coat')),
                new Reason('latest', round($cap, 1), 'weeks', Say::it('stretch.mats_a_strip_or_half_a_year')),
            ]),
        ];
    }
}
