<?php

/** How many visits to hold now, so that a filling diary does not push a dog past its clock. */

declare(strict_types=1);

namespace KeenThistle\Core\Year;

use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

/**
 * A visit is usually booked at the one before it. By then its week has filled further: by as much as weeks usually fill
 * between the two leads. Where it would be full, the visit is held today.
 */
final readonly class BookAheadRule
{
    /**
     * @param int $every weeks the clock lets
     * @param int $since weeks since the last visit
     * @param array<int, float> $fill share of each week that is booked, by weeks from now, 1 and on
     * @param array<int, float> $usual the same as it usually is so many weeks ahead; where it is left out, as it is now
     * @param float $full share from which a week has no place to speak of
     * @param list<int> $closed weeks without visits
     *
     * @return array{hold: int, visits: list<array{week: int|null, due: int, fill_then: float, hold: bool,
     *     late_weeks: int}>, reasons: list<Reason>}
     */
    public function plan(int $every, int $since, array $fill, array $usual, float $full, array $closed = []): array
    {
        $usual += $fill;
        $weeks = [] === $fill ? 0 : max(array_keys($fill));
        $room = static fn (int $week): bool => ($fill[$week] ?? 0.0) < $full && !\in_array($week, $closed, true);
        $visits = [];
        $before = 0;
        for ($due = max(1, $every - $since); $due <= $weeks; $due = $week + $every) {
            $week = self::latest($before + 1, $due, $room) ?? self::soonest($due + 1, $weeks, $room);
            if (null === $week) {
                $visits[] = ['week' => null, 'due' => $due, 'fill_then' => 1.0, 'hold' => true, 'late_weeks' => 0];
                break;
            }
            $lead = $week - $before;
            $then = min(1.0, ($fill[$week] ?? 0.0) + max(0.0, ($usual[$lead] ?? 0.0) - ($usual[$week] ?? 0.0)));
            $visits[] = [
                'week' => $week,
                'due' => $due,
                'fill_then' => round($then, 2),
                'hold' => [] === $visits || $then >= $full,
                'late_weeks' => max(0, $week - $due),
            ];
            $before = $week;
        }
        $hold = \count(array_filter($visits, static fn (array $v): bool => $v['hold'] && null !== $v['week']));

        return [
            'hold' => $hold,
            'visits' => $visits,
            'reasons' => [
                new Reason('clock', $every, 'weeks', Say::it('year.may_run_so_long')),
                new Reason('full', $full, 'share', Say::it('year.a_week_is_full_from_here')),
                new Reason('hold', $hold, 'visits', Say::it('year.the_next_and_those_that_fill_up')),
            ],
        ];
    }

    /** @param \Closure(int): bool $room */
    private static function latest(int $from, int $to, \Closure $room): ?int
    {
        for ($week = $to; $week >= $from; --$week) {
            if ($room($week)) {
                return $week;
            }
        }

        return null;
    }

    /** @param \Closure(int): bool $room */
    private static function soonest(int $from, int $to, \Closure $room): ?int
    {
        for ($week = $from; $week <= $to; ++$week) {
            if ($room($week)) {
                return $week;
            }
        }

        return null;
    }
}
