<?php

/** Lays out a day, or says which dogs have no place in it and when they have one. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

/** @phpstan-import-type Unfit from DayPlan */
final readonly class DayRule
{
    public const AHEAD = 60;
    /** Days of so few dogs are looked at longer. */
    private const FEW = 7;
    private const LOOKS_FEW = 40_000;
    /** Shared between the dogs of a larger day. */
    private const LOOKS = 110_000;
    /** Enough to see whether there is a day at all. */
    private const GLANCE = 600;

    /**
     * @param \Closure(int): ?Day|null $later the day so many days after this one, asked only where something does not
     *                                         fit; null: empty, with the same hours
     */
    public function plan(Day $day, ?\Closure $later = null): DayPlan
    {
        [$day, $cautions] = self::neverAlone($day);
        [$state, $proven] = self::search($day);
        $left = [];
        if ([] !== $state->out) {
            $left = self::leave($day, $state);
            [$state, $proven] = self::search($day->without(array_merge(...$left)));
        }
        $held = $day->without(array_merge([], ...$left));
        $board = new Board($held);
        $placed = self::placed($board, $state);
        $least = $proven ? $state->bound - $state->extra : (new Moves($board))->begin()->bound;
        $unfit = array_map(static fn (array $ids): array => self::unfit($day, $ids, $later), $left);

        return new DayPlan($held, $placed, max(0.0, $least / Day::TICKS), $proven, $unfit, $cautions);
    }

    /** @return array{State, bool} */
    private static function search(Day $day): array
    {
        $jobs = \count($day->jobs);

        return Search::day(new Board($day), $jobs <= self::FEW ? self::LOOKS_FEW : intdiv(self::LOOKS, $jobs));
    }

    private static function fits(Day $day): bool
    {
        return !$day->isTooMuch() && [] === Search::day(new Board($day), self::GLANCE)[0]->out;
    }

    /**
     * What has to be left out: as few as it finds, dogs of one home together.
     *
     * @return list<list<string>> ids, by home
     */
    private static function leave(Day $day, State $state): array
    {
        $groups = [];
        foreach (array_keys($state->out) as $j) {
            $job = $day->jobs[$j];
            $together = array_filter(
                $day->jobs,
                static fn (Job $o): bool => $o === $job || ('' !== $job->home && $o->home === $job->home),
            );
            $ids = array_map(static fn (Job $o): string => $o->id, $together);
            $groups['' === $job->home ? "dog $job->id" : "home $job->home"] = array_values($ids);
        }
        $left = array_values($groups);
        // The search leaves out what it could not end; one of them may go in again beside the rest.
        usort($left, static fn (array $a, array $b): int => \count($a) <=> \count($b));
        for ($i = 0; $i < \count($left); ++$i) {
            $others = $left;
            unset($others[$i]);
            if (self::fits($day->without(array_merge([], ...$others)))) {
                $left = array_values($others);
                --$i;
            }
        }

        return $left;
    }

    /**
     * @param list<string> $ids
     * @param \Closure(int): ?Day|null $later
     *
     * @return Unfit
     */
    private static function unfit(Day $day, array $ids, ?\Closure $later): array
    {
        $jobs = array_values(array_filter($day->jobs, static fn (Job $j): bool => \in_array($j->id, $ids, true)));
        $fresh = array_map(
            static fn (Job $j): Job => new Job(
                $j->id,
                $j->arrives,
                $j->promised,
                $j->tasks,
                $j->settle,
                $j->home,
                $j->able,
                $j->heavy,
                $j->neverAlone,
            ),
            $jobs,
        );
        $empty = self::fits(new Day($fresh, $day->people, $day->stations, $day->lifts));
        for ($n = 1; $n <= self::AHEAD; ++$n) {
            $there = null === $later ? null : $later($n);
            $room = null === $there
                ? $empty
                : self::fits(self::neverAlone($there->with([...$there->jobs, ...$fresh]))[0]);
            if ($room) {
                return ['jobs' => $ids, 'why' => self::why($day, $jobs), 'in_days' => $n];
            }
        }

        return ['jobs' => $ids, 'why' => self::why($day, $jobs), 'in_days' => null];
    }

    /** @param list<Job> $jobs */
    private static function why(Day $day, array $jobs): string
    {
        $board = new Board($day->with($jobs));
        foreach ($jobs as $j => $job) {
            foreach ($job->tasks as $k => $task) {
                if ([-1] === $board->units[$j][$k]) {
                    return Say::it('day.there_is_no_station', $task->station->value, $job->id);
                }
                if ([] === $board->people[$j][$k]) {
                    return Say::it('day.nobody_of_that_day_may', $task->phase, $job->id);
                }
            }
        }

        return self::fits($day->with($jobs)) ? Say::it('day.full') : Say::it('day.longer_than_their_hours');
    }

    /**
     * No heated dryer on a dog left alone, and none at all on some: somebody stays.
     *
     * @return array{Day, list<Caution>}
     */
    private static function neverAlone(Day $day): array
    {
        $cautions = [];
        $jobs = [];
        foreach ($day->jobs as $job) {
            $tasks = [];
            foreach ($job->tasks as $task) {
                $stay = !$task->attended && ($task->heated || ($task->drying && $job->neverAlone));
                $tasks[] = $stay ? $task->withSomebody() : $task;
                if ($stay) {
                    $cautions[] = new Caution(
                        'never_dried_alone',
                        $task->heated
                            ? Say::it('day.heated_never_alone', $job->id)
                            : Say::it('day.this_dog_never_alone', $job->id),
                    );
                }
            }
            $jobs[] = new Job(
                $job->id,
                $job->arrives,
                $job->promised,
                $tasks,
                $job->settle,
                $job->home,
                $job->able,
                $job->heavy,
                $job->neverAlone,
                $job->started,
            );
        }

        return [$day->with($jobs), $cautions];
    }

    /** @return list<Placed> */
    private static function placed(Board $board, State $state): array
    {
        $day = $board->day;
        $out = [];
        foreach ($day->jobs as $job) {
            foreach ($job->started as $k => $done) {
                $out[] = new Placed($job, $k, $done->from, $done->to, $done->person, null, begun: true);
            }
        }
        foreach ($state->steps() as [$j, $k, $p, $helper, $unit, $from, $to]) {
            $out[] = new Placed(
                $day->jobs[$j],
                $k,
                $from,
                $to,
                $p < 0 ? null : $day->people[$p]->id,
                $unit < 0 ? null : self::number($board, $unit),
                $helper < 0 ? null : $day->people[$helper]->id,
            );
        }

        return $out;
    }

    /** Which of its kind, from 1. */
    private static function number(Board $board, int $unit): int
    {
        $kind = rtrim($board->unitKinds[$unit], '+');
        $same = array_filter(
            \array_slice($board->unitKinds, 0, $unit),
            static fn (string $k): bool => rtrim($k, '+') === $kind,
        );

        return \count($same) + 1;
    }
}
