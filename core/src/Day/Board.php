<?php

/** A day laid flat for the search: numbers in place of names, everything that does not change while it searches. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Board
{
    /** Overtime of one person, at most. */
    public const OVERTIME = 60 * Day::TICKS;
    /** Two lift a heavy dog on: that long. */
    public const LIFTING = 2 * Day::TICKS;

    /** @var list<int> tick from which a job's next task can begin, at the begin */
    public array $ready;
    /** @var list<int> first task that has not begun */
    public array $first;
    /** @var list<list<int>> ticks of each task */
    public array $ticks;
    /** @var list<list<list<int>>> units each task can be on; empty: it needs none */
    public array $units;
    /** @var list<list<list<int>|null>> people each task can be given to; null: nobody is needed */
    public array $people;
    /** @var list<list<bool>> whether two lift */
    public array $lifted;
    /** @var list<int> arrival and the ticks in which something is done or dries: the end less this is waiting */
    public array $arrived;
    /** @var list<int> tick by which each job was promised */
    public array $promised;
    /** @var array<int, list<int>> what there is least of: 0 people, 1 a kind of station, its units */
    public array $scarce;
    /** @var array<int, list<list<int>>> ticks from each task on that take it */
    public array $work;
    /** @var array<int, list<list<int>>> ticks after the last of them, of each task on */
    public array $tail;
    /** @var list<int> tick at which each person's hours end */
    public array $shiftEnd;
    /** @var list<string> kind of each unit */
    public array $unitKinds;
    /** @var list<int> alike people have one number */
    public array $classes;
    /** @var list<int> alike units have one number */
    public array $unitClasses;
    /** @var list<int> people who have a limit of stripping or of heavy dogs */
    public array $limited;
    /** @var array<int, int> tick from which a unit is free */
    public array $unitFree;
    /** @var array<int, int> tick from which a person is free */
    public array $personFree;
    /** @var array<int, int> ticks of stripping done already */
    public array $stripped;
    /** @var array<int, array<int, true>> heavy dogs had already */
    public array $heavy;
    /** @var list<list<array{int, int|null}|null>> begin and person of the plan before */
    public array $before;

    public function __construct(public Day $day)
    {
        $kinds = $free = [];
        foreach (StationKind::cases() as $kind) {
            $lifts = StationKind::Table === $kind ? $day->lifts : 0;
            // What does not lift stands first: it is taken first.
            for ($n = 0; $n < ($day->stations[$kind->value] ?? 0); ++$n) {
                $kinds[] = $kind->value.($n >= ($day->stations[$kind->value] ?? 0) - $lifts ? '+' : '');
                $free[] = 0;
            }
        }
        $this->unitKinds = $kinds;
        $this->unitClasses = array_map(
            static fn (string $kind): int => (int) array_search($kind, $kinds, true),
            $kinds,
        );
        $this->limited = array_keys(
            array_filter(
                $day->people,
                static fn (Worker $w): bool => null !== $w->heavyMost || null !== $w->stripMost,
            ),
        );
        $personFree = array_map(static fn (Worker $w): int => $w->from, $day->people);
        $stripped = array_fill(0, \count($day->people), 0);
        $heavy = array_fill(0, \count($day->people), []);
        $index = array_flip(array_map(static fn (Worker $w): string => $w->id, $day->people));
        $scarcest = self::scarcest($day);
        $takes = [static fn (Task $t): bool => $t->attended];
        $plain = array_map(static fn (string $kind): string => rtrim($kind, '+'), $kinds);
        $scarce = null === $scarcest ? [] : [1 => array_keys($plain, $scarcest->value, true)];
        $this->scarce = [[]] + $scarce;
        if (null !== $scarcest) {
            $takes[] = static fn (Task $t): bool => $scarcest === $t->station;
        }
        $ready = $first = $ticks = $units = $people = $lifted = $arrived = $before = $work = $tails = [];
        foreach ($day->jobs as $j => $job) {
            $at = $job->arrives + $job->settle;
            foreach ($job->started as $k => $done) {
                $at = max($at, $done->to);
                $p = null === $done->person ? null : $index[$done->person] ?? null;
                if (null !== $p) {
                    $personFree[$p] = max($personFree[$p], $done->to);
                    $stripped[$p] += $job->tasks[$k]->isStripping() ? $job->tasks[$k]->ticks : 0;
                    if ($job->heavy && $job->tasks[$k]->station->isLiftedOnto()) {
                        $heavy[$p][$j] = true;
                    }
                }
                foreach ($kinds as $u => $kind) {
                    if (rtrim($kind, '+') === $job->tasks[$k]->station->value && $free[$u] <= $done->from) {
                        $free[$u] = $done->to;
                        break;
                    }
                }
            }
            $ready[] = $at;
            $first[] = \count($job->started);
            $arrived[] = $job->arrives + self::busy($job);
            foreach ($takes as $r => $take) {
                $hands = $alone = 0;
                $works = $after = [];
                foreach (array_reverse($job->tasks) as $task) {
                    $works[] = $hands += $take($task) ? $task->ticks : 0;
                    $after[] = $alone += 0 === $hands ? $task->ticks : 0;
                }
                $work[$r][] = [...array_reverse($works), 0];
                $tails[$r][] = [...array_reverse($after), 0];
            }
            $ticks[] = array_map(static fn (Task $t): int => $t->ticks, $job->tasks);
            $units[] = array_map(static fn (Task $t): array => self::unitsFor($t, $job, $kinds), $job->tasks);
            $people[] = array_map(
                static fn (Task $t): ?array => $t->attended ? self::peopleFor($t, $job, $day->people) : null,
                $job->tasks,
            );
            $lifted[] = array_map(
                static fn (Task $t): bool => $job->heavy
                    && $t->station->isLiftedOnto()
                    && (StationKind::Table !== $t->station || 0 === $day->lifts),
                $job->tasks,
            );
            $before[] = array_map(static function (int $k) use ($day, $job, $index): ?array {
                $was = $day->before["$job->id $k"] ?? null;

                return null === $was ? null : [$was[0], null === $was[1] ? null : $index[$was[1]] ?? -1];
            }, array_keys($job->tasks));
        }
        $classes = [];
        $seen = [];
        foreach ($day->people as $p => $worker) {
            $who = array_map(
                static fn (array $tasks): array => array_map(
                    static fn (?array $able): bool => null !== $able && \in_array($p, $able, true),
                    $tasks,
                ),
                $people,
            );
            $classes[] = $seen[$worker->alike().json_encode($who)] ??= \count($seen);
        }
        [$this->ready, $this->first, $this->ticks] = [$ready, $first, $ticks];
        [$this->units, $this->people, $this->lifted, $this->arrived] = [$units, $people, $lifted, $arrived];
        [$this->work, $this->tail] = [$work, $tails];
        $this->promised = array_map(static fn (Job $j): int => $j->promised, $day->jobs);
        $this->shiftEnd = array_map(static fn (Worker $w): int => $w->to, $day->people);
        [$this->classes, $this->unitFree, $this->personFree] = [$classes, $free, $personFree];
        [$this->stripped, $this->heavy, $this->before] = [$stripped, $heavy, $before];
    }

    /** The kind of station that is used most, for how many there are. */
    private static function scarcest(Day $day): ?StationKind
    {
        $load = [];
        foreach ($day->jobs as $job) {
            foreach ($job->tasks as $task) {
                $there = $day->stations[$task->station->value] ?? 0;
                if ($there > 0) {
                    $load[$task->station->value] = ($load[$task->station->value] ?? 0) + $task->ticks / $there;
                }
            }
        }
        arsort($load);

        return StationKind::tryFrom((string) array_key_first($load));
    }

    /** Ticks that are no waiting: what is done, and what was done as long as it took. */
    private static function busy(Job $job): int
    {
        $sum = 0;
        foreach ($job->tasks as $k => $task) {
            $done = $job->started[$k] ?? null;
            $sum += null === $done ? $task->ticks : $done->to - $done->from;
        }

        return $sum;
    }

    /**
     * @param list<string> $kinds
     *
     * @return list<int>
     */
    private static function unitsFor(Task $task, Job $job, array $kinds): array
    {
        if (StationKind::None === $task->station) {
            return [];
        }
        $kind = $task->station->value;
        $lifting = array_keys($kinds, "$kind+", true);
        if ($job->heavy && StationKind::Table === $task->station && [] !== $lifting) {
            return $lifting;
        }
        $units = [...array_keys($kinds, $kind, true), ...$lifting];

        return [] === $units ? [-1] : $units;
    }

    /**
     * @param list<Worker> $people
     *
     * @return list<int>
     */
    private static function peopleFor(Task $task, Job $job, array $people): array
    {
        return array_keys(
            array_filter(
                $people,
                static fn (Worker $w): bool => $w->can($task)
                    && (null === $job->able || \in_array($w->id, $job->able, true)),
            ),
        );
    }
}
