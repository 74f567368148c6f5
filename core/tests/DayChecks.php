<?php

/** What a laid-out day must hold, looked at without the search: minute by minute, and against every possible day. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Day\Board;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayPlan;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Day\Placed;
use KeenThistle\Core\Day\StationKind;
use KeenThistle\Core\Day\Task;
use KeenThistle\Core\Day\Worker;
use PHPUnit\Framework\Assert;

final class DayChecks
{
    private function __construct()
    {
    }

    /** A day by its seed: the same numbers make the same day. */
    public static function seeded(int $seed, int $dogs, int $people, int $phases = 5): Day
    {
        $at = static function (int $least, int $most) use (&$seed): int {
            $seed = ($seed * 48271 + 11) % 2147483647;

            return $least + $seed % ($most - $least + 1);
        };
        $jobs = $workers = [];
        for ($j = 0; $j < $dogs; ++$j) {
            $tasks = [];
            $way = [
                new Task('check', 2 * $at(4, 10), StationKind::Table),
                new Task('bath', 2 * $at(10, 30), StationKind::Tub),
                0 === $at(0, 1)
                    ? new Task('dry', 2 * $at(15, 40), StationKind::Dryer, drying: true, heated: true)
                    : new Task('dry', 2 * $at(20, 60), StationKind::Pen, false, drying: true),
                new Task('clip', 2 * $at(15, 60), StationKind::Table, skill: 0 === $at(0, 2) ? 'clip' : ''),
                new Task('finish', 2 * $at(5, 20), StationKind::Table),
            ];
            foreach (\array_slice($way, 0, $phases) as $task) {
                if ([] === $tasks || $at(0, 4) > 0) {
                    $tasks[] = $task;
                }
            }
            $arrives = 2 * (540 + 15 * $at(0, 12));
            $all = array_sum(array_map(static fn (Task $t): int => $t->ticks, $tasks));
            $heavy = 0 === $at(0, 5);
            $jobs[] = new Job("dog$j", $arrives, $arrives + $all + 2 * $at(0, 60), $tasks, 1, heavy: $heavy);
        }
        for ($p = 0; $p < $people; ++$p) {
            $noon = 2 * (720 + 30 * $at(0, 1));
            $skills = 0 === $p ? null : [[], null][$at(0, 1)];
            $workers[] = new Worker("person$p", 2 * 540, 2 * (960 + 30 * $at(0, 2)), [[$noon, $noon + 60]], $skills);
        }

        return new Day($jobs, $workers, ['tub' => 1, 'dryer' => 1, 'table' => max(1, $people - $at(0, 1)), 'pen' => 2]);
    }

    /** No overlap, capacity, order, hours, breaks, skills, settling, nobody dried alone, two to lift. */
    public static function hold(DayPlan $plan): void
    {
        $day = $plan->day;
        $busy = $there = [];
        foreach ($plan->placed as $p) {
            $task = $p->task();
            Assert::assertSame($p->begun ? $p->to - $p->from : $task->ticks, $p->to - $p->from);
            if (null !== $p->person) {
                $busy[$p->person][] = [$p->from, $p->to];
            }
            if (null !== $p->helper) {
                $busy[$p->helper][] = [$p->from, $p->from + Board::LIFTING];
                Assert::assertNotSame($p->person, $p->helper);
            }
            if (null !== $p->unit) {
                $there["{$task->station->value} $p->unit"][] = [$p->from, $p->to];
                Assert::assertLessThanOrEqual($day->stations[$task->station->value], $p->unit);
            }
            Assert::assertSame($task->attended, null !== $p->person, "$task->phase of {$p->job->id}");
            Assert::assertFalse(!$task->attended && $task->heated, 'no heated dryer on a dog left alone');
            Assert::assertFalse(!$task->attended && $task->drying && $p->job->neverAlone);
            if (!$p->begun) {
                Assert::assertGreaterThanOrEqual($day->now, $p->from);
                Assert::assertSame(StationKind::None === $task->station, null === $p->unit);
                self::holdsForWhoDoesIt($day, $p);
            }
        }
        foreach ([...$busy, ...$there] as $spans) {
            sort($spans);
            foreach ($spans as $i => [$from]) {
                Assert::assertTrue(0 === $i || $spans[$i - 1][1] <= $from, 'one thing at a time');
            }
        }
        foreach ($day->jobs as $job) {
            $own = array_values(array_filter($plan->placed, static fn (Placed $p): bool => $p->job === $job));
            usort($own, static fn (Placed $a, Placed $b): int => $a->phase <=> $b->phase);
            Assert::assertCount(\count($job->tasks), $own, "all of $job->id");
            Assert::assertTrue($own[0]->begun || $own[0]->from >= $job->arrives + $job->settle);
            foreach (\array_slice($own, 1) as $i => $p) {
                Assert::assertGreaterThanOrEqual($own[$i]->to, $p->from, 'in their order');
            }
        }
        Assert::assertLessThanOrEqual($plan->cost + 1e-9, $plan->bound);
    }

    private static function holdsForWhoDoesIt(Day $day, Placed $p): void
    {
        foreach ($day->people as $worker) {
            if ($worker->id === $p->person) {
                Assert::assertGreaterThanOrEqual($worker->from, $p->from);
                Assert::assertLessThanOrEqual($worker->to + Board::OVERTIME, $p->to);
                Assert::assertTrue($worker->can($p->task()));
                Assert::assertTrue(null === $p->job->able || \in_array($worker->id, $p->job->able, true));
                foreach ($worker->breaks as [$from, $to]) {
                    Assert::assertTrue($p->to <= $from || $p->from >= $to, 'a break is a break');
                }
            }
        }
        if ($p->job->heavy && $p->task()->station->isLiftedOnto()) {
            $lifts = StationKind::Table === $p->task()->station ? $day->lifts : 0;
            $onLift = $lifts > 0 && ($p->unit ?? 0) > $day->stations['table'] - $lifts;
            Assert::assertTrue($onLift || null !== $p->helper, 'on a lift table, or by two');
        }
    }

    /** The least any day costs, by trying every order with every person: each task at the first gap it fits into. */
    public static function least(Day $day): ?float
    {
        $best = null;
        self::tryAll($day, array_fill(0, \count($day->jobs), 0), [], $best);

        return null === $best ? null : $best / Day::TICKS;
    }

    /**
     * @param array<int, int> $next
     * @param list<array{int, int, int, int, string}> $placed job, person, from, to, station
     */
    private static function tryAll(Day $day, array $next, array $placed, ?int &$best): void
    {
        $done = true;
        foreach ($day->jobs as $j => $job) {
            $task = $job->tasks[$next[$j]] ?? null;
            if (null === $task) {
                continue;
            }
            $done = false;
            foreach ($task->attended ? array_keys($day->people) : [-1] as $p) {
                $worker = $day->people[$p] ?? null;
                if (null !== $worker && !$worker->can($task)) {
                    continue;
                }
                $from = self::gap($day, $j, $p, $task, $placed);
                if (null === $from) {
                    continue;
                }
                $more = $next;
                ++$more[$j];
                $to = $from + $task->ticks;
                self::tryAll($day, $more, [...$placed, [$j, $p, $from, $to, $task->station->value]], $best);
            }
        }
        if ($done) {
            $cost = self::cost($day, $placed);
            $best = null === $best ? $cost : min($best, $cost);
        }
    }

    /** @param list<array{int, int, int, int, string}> $placed */
    private static function gap(Day $day, int $j, int $p, Task $task, array $placed): ?int
    {
        $at = $day->jobs[$j]->arrives + $day->jobs[$j]->settle;
        foreach ($placed as [$job, , , $to]) {
            $at = $job === $j ? max($at, $to) : $at;
        }
        $worker = $day->people[$p] ?? null;
        $latest = null === $worker ? 2 * 24 * 60 : $worker->to + Board::OVERTIME;
        for ($at = max($at, $worker->from ?? 0); $at + $task->ticks <= $latest; ++$at) {
            $end = $at + $task->ticks;
            $free = true;
            foreach ($worker->breaks ?? [] as [$from, $to]) {
                $free = $free && ($end <= $from || $at >= $to);
            }
            for ($tick = $at; $free && $tick < $end; ++$tick) {
                $same = 0;
                foreach ($placed as [, $who, $from, $to, $station]) {
                    $now = $from <= $tick && $tick < $to;
                    $free = $free && !($now && $who === $p && $p >= 0);
                    $same += $now && $station === $task->station->value ? 1 : 0;
                }
                $there = $day->stations[$task->station->value] ?? \PHP_INT_MAX;
                $free = $free && $same < $there;
            }
            if ($free) {
                return $at;
            }
        }

        return null;
    }

    /** @param list<array{int, int, int, int, string}> $placed */
    private static function cost(Day $day, array $placed): int
    {
        $ends = $work = $last = [];
        foreach ($placed as [$j, $p, $from, $to]) {
            $ends[$j] = max($ends[$j] ?? 0, $to);
            $work[$j] = ($work[$j] ?? 0) + $to - $from;
            $last[$p] = max($last[$p] ?? 0, $to);
        }
        $cost = 0;
        foreach ($day->jobs as $j => $job) {
            $cost += 10 * max(0, $ends[$j] - $job->promised) + $ends[$j] - $job->arrives - $work[$j];
        }
        foreach ($day->people as $p => $worker) {
            $cost += 5 * max(0, ($last[$p] ?? 0) - $worker->to);
        }

        return $cost;
    }
}
