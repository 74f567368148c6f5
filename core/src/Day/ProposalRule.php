<?php

/** Which dates to offer: those that keep the clock first, the later the better; who had the dog last, at its hour. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

use KeenThistle\Core\Say\Say;

/**
 * @phpstan-type Proposal array{day: string, time: int, person: string, late_days: int, early_days: int,
 *     reasons: list<string>}
 */
final readonly class ProposalRule
{
    private const SHOWN = 5;
    /** Times are offered on the quarter of an hour. */
    private const GRID = 15;
    /** Somebody else is as bad as so many days too early; an hour off as one. */
    private const OTHER = 3;
    private const HOUR = 60;

    /**
     * @param list<FreeDay> $days
     * @param int $minutes that are booked
     * @param string $due the last day that keeps the clock
     * @param string|null $person who had the dog last
     * @param int $at minute of the day at which it usually comes
     * @param bool $clock whether that day is a clock's; else it is only where to look
     *
     * @return list<Proposal> the best first, one a day
     */
    public function of(
        array $days,
        int $minutes,
        string $due,
        ?string $person,
        int $at,
        bool $clock = true,
    ): array {
        $out = [];
        foreach ($days as $day) {
            $best = null;
            foreach ($day->people as $p) {
                $time = self::nearest($p, $minutes, $at);
                if (null === $time) {
                    continue;
                }
                $off = abs($time - $at) / self::HOUR + ($p['id'] === $person || null === $person ? 0 : self::OTHER);
                if (null === $best || $off < $best[0]) {
                    $best = [$off, $p['id'], $time];
                }
            }
            if (null !== $best) {
                $out[] = self::proposal($day->date, $due, $best, $person, $at, $clock);
            }
        }
        usort($out, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_map(static fn (array $o): array => $o[2], \array_slice($out, 0, self::SHOWN));
    }

    /**
     * @param array{float|int, string, int} $best
     *
     * @return array{int, float, Proposal} days late, how far from what is wanted, the proposal
     */
    private static function proposal(
        string $date,
        string $due,
        array $best,
        ?string $person,
        int $at,
        bool $clock,
    ): array {
        [$off, $who, $time] = $best;
        $days = (int) (new \DateTimeImmutable($date))->diff(new \DateTimeImmutable($due))->format('%r%a');
        $late = max(0, -$days);
        $early = max(0, $days);
        $reasons = !$clock ? [] : [
            match (true) {
                1 === $late => Say::it('day.a_day_past_the_clock'),
                $late > 1 => Say::it('day.past_the_clock', $late),
                0 === $early => Say::it('day.on_the_day'),
                1 === $early => Say::it('day.a_day_before_the_clock'),
                default => Say::it('day.before_the_clock', $early),
            },
        ];
        if (null !== $person) {
            $reasons[] = $who === $person ? Say::it('day.same_groomer') : Say::it('day.another_groomer');
        }
        if ($time !== $at) {
            $reasons[] = Say::it('day.another_hour');
        }

        return [
            $late,
            $early + $off,
            [
                'day' => $date,
                'time' => $time,
                'person' => $who,
                'late_days' => $clock ? $late : 0,
                'early_days' => $early,
                'reasons' => $reasons,
            ],
        ];
    }

    /** @param array{id: string, from: int, to: int, busy: list<array{int, int}>} $p */
    private static function nearest(array $p, int $minutes, int $at): ?int
    {
        $best = null;
        $first = self::GRID * (int) ceil($p['from'] / self::GRID);
        for ($time = $first; $time + $minutes <= $p['to']; $time += self::GRID) {
            foreach ($p['busy'] as [$from, $to]) {
                if ($time < $to && $time + $minutes > $from) {
                    continue 2;
                }
            }
            if (null === $best || abs($time - $at) < abs($best - $at)) {
                $best = $time;
            }
        }

        return $best;
    }
}
