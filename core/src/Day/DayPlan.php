<?php

/** A day laid out: who does what where and when, what that costs, and what has no place in it. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

/** @phpstan-type Unfit array{jobs: list<string>, why: string, in_days: int|null} */
final readonly class DayPlan
{
    /** Points a minute of lateness, and of overtime; waiting is one. */
    public const LATE = 10;
    public const OVERTIME = 5;

    /** Ticks past what was promised, of all dogs. */
    public int $late;
    /** Ticks past their hours, of all people. */
    public int $over;
    /** Ticks in which nothing is done with a dog that is there. */
    public int $waiting;
    /** In points: ten a minute late, five a minute over, one a minute waiting. */
    public float $cost;

    /**
     * @param list<Placed> $placed in the order of their begins
     * @param float $bound in points: no day costs less
     * @param list<Unfit> $unfit
     * @param list<Caution> $cautions
     */
    public function __construct(
        public Day $day,
        public array $placed,
        public float $bound,
        public bool $proven,
        public array $unfit,
        public array $cautions,
    ) {
        $this->late = array_sum(array_map($this->lateOf(...), $day->jobs));
        $this->over = array_sum(array_map($this->overOf(...), $day->people));
        $this->waiting = array_sum(array_map($this->waitingOf(...), $day->jobs));
        $this->cost = (self::LATE * $this->late + self::OVERTIME * $this->over + $this->waiting) / Day::TICKS;
    }

    public function endOf(Job $job): ?int
    {
        $ends = [];
        foreach ($this->placed as $p) {
            if ($p->job === $job) {
                $ends[] = $p->to;
            }
        }

        return [] === $ends ? null : max($ends);
    }

    public function lateOf(Job $job): int
    {
        return max(0, ($this->endOf($job) ?? 0) - $job->promised);
    }

    public function overOf(Worker $worker): int
    {
        $ends = array_map(
            static fn (Placed $p): int => $p->person === $worker->id ? $p->to : 0,
            $this->placed,
        );

        return max(0, max([0, ...$ends]) - $worker->to);
    }

    public function waitingOf(Job $job): int
    {
        $end = $this->endOf($job);
        if (null === $end) {
            return 0;
        }
        foreach ($this->placed as $p) {
            $end -= $p->job === $job ? $p->to - $p->from : 0;
        }

        return max(0, $end - $job->arrives);
    }

    /** @return list<array{Placed, array{int, string|null}}> what is other than in the plan before, and how that was */
    public function moved(): array
    {
        $out = [];
        foreach ($this->placed as $p) {
            $was = $this->day->before["{$p->job->id} $p->phase"] ?? null;
            if (null !== $was && !$p->begun && ($was[0] !== $p->from || $was[1] !== $p->person)) {
                $out[] = [$p, $was];
            }
        }

        return $out;
    }

    /** @return list<Reason> */
    public function reasons(): array
    {
        $minutes = static fn (int $ticks): float => $ticks / Day::TICKS;

        return [
            new Reason('late', $minutes($this->late), 'min', Say::it('day.past_what_was_promised', self::LATE)),
            new Reason('overtime', $minutes($this->over), 'min', Say::it('day.past_their_hours', self::OVERTIME)),
            new Reason('waiting', $minutes($this->waiting), 'min', Say::it('day.nothing_done_and_nothing_dries')),
            new Reason(
                'bound',
                round($this->bound, 1),
                'points',
                $this->proven ? Say::it('day.there_is_no_better_day') : Say::it('day.no_day_costs_less'),
            ),
        ];
    }
}
