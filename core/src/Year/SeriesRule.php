<?php

/** The days of a series: every so many weeks, on the nearest open day, never later than the clock lets. */

declare(strict_types=1);

namespace KeenThistle\Core\Year;

final readonly class SeriesRule
{
    private const WEEK = 7;
    /** Days before the due day that are tried, then days after it. */
    private const EARLIER = 6;
    private const LATER = 6;

    /**
     * A day that moves forward takes the ones after it along, so that none comes later than its clock lets.
     *
     * @param int $first day of the first, from any day 0
     * @param \Closure(int): string $closed why that day cannot be; empty: it can
     *
     * @return list<array{due: int, day: int|null, why: string}> day null: no day near it can be; why: what was in the
     *     way of the due day
     */
    public function days(int $first, int $everyWeeks, int $count, \Closure $closed): array
    {
        $out = [];
        $due = $first;
        for ($n = 0; $n < $count; ++$n) {
            $why = $closed($due);
            $day = '' === $why ? $due : self::near($due, $closed);
            $out[] = ['due' => $due, 'day' => $day, 'why' => $why];
            $due = min($first + ($n + 1) * $everyWeeks * self::WEEK, ($day ?? $due) + $everyWeeks * self::WEEK);
        }

        return $out;
    }

    /** @param \Closure(int): string $closed */
    private static function near(int $due, \Closure $closed): ?int
    {
        $tried = [];
        for ($by = 1; $by <= self::EARLIER; ++$by) {
            $tried[] = -$by;
        }
        for ($by = 1; $by <= self::LATER; ++$by) {
            $tried[] = $by;
        }
        foreach ($tried as $by) {
            if ($due + $by >= 0 && '' === $closed($due + $by)) {
                return $due + $by;
            }
        }

        return null;
    }
}
