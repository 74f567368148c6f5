<?php

/** What can begin next in a day that is laid out so far, and what it then costs at least. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

/**
 * Tasks are placed in the order of their begins, each as early as it can. That loses nothing: no cost ever falls when
 * something ends later, so there is a best day in which nothing could begin earlier.
 *
 * A move is job, person, helper, unit, from, to; -1 is none.
 *
 * @phpstan-type Move array{int, int, int, int, int, int}
 */
final class Moves
{
    /** @var array<int, array<int, array<int, int>>> when a job can end at the soonest, by job, task and tick */
    private array $soonest = [];

    private const LATE = DayPlan::LATE;
    private const OVER = DayPlan::OVERTIME;
    /** For each phase that is moved from the plan before, in ticks. */
    public const MOVED = 3 * Day::TICKS;
    /** For a dog that has no place: more than any day costs. */
    public const OUT = 100_000_000;
    private const NEVER = \PHP_INT_MAX;

    public function __construct(private readonly Board $board)
    {
    }

    public function begin(): State
    {
        $b = $this->board;
        $state = new State();
        $state->next = $b->first;
        $state->free = $b->ready;
        $state->person = $b->personFree;
        $state->unit = $b->unitFree;
        $state->strip = $b->stripped;
        $state->heavy = $b->heavy;
        $state->last = $b->day->now;
        foreach ($b->personFree as $p => $free) {
            $state->over += max(0, $free - $b->day->people[$p]->to);
        }
        $state->bound = $this->bound($state);

        return $state;
    }

    /**
     * @return list<Move>|int what can begin next; a job that can never be finished any more; nothing where all is done
     */
    public function of(State $s, ?Kept $kept = null): array|int
    {
        $b = $this->board;
        $moves = [];
        $cut = self::NEVER;
        foreach ($s->next as $j => $k) {
            if (!isset($b->ticks[$j][$k])) {
                continue;
            }
            $stays = $kept?->tasks[$j][$k] ?? null;
            if (null !== $stays && $stays[0] !== $s->kept) {
                continue;
            }
            $ticks = $b->ticks[$j][$k];
            $from = max($s->free[$j], $s->last);
            $unit = -1;
            foreach ($b->units[$j][$k] as $u) {
                if (-1 === $u) {
                    return $j;
                }
                if (-1 === $unit || ($s->unit[$u] ?? 0) < ($s->unit[$unit] ?? 0)) {
                    $unit = $u;
                    if (($s->unit[$u] ?? 0) <= $from) {
                        break;
                    }
                }
            }
            $from = -1 === $unit ? $from : max($from, $s->unit[$unit] ?? 0);
            if ($from >= $cut) {
                continue;
            }
            $people = $b->people[$j][$k];
            if (null === $people) {
                $cut = min($cut, $from + $ticks);
                $moves[] = [$j, -1, -1, $unit, $from, $from + $ticks];
                continue;
            }
            $any = false;
            $seen = [];
            foreach ($people as $p) {
                $other = null !== $stays && Kept::ANYBODY !== $stays[1] && $stays[1] !== $p;
                if ($other || !$this->bears($s, $p, $j, $k)) {
                    continue;
                }
                [$at, $helper] = $b->lifted[$j][$k]
                    ? $this->withHelp($s, $p, $from, $ticks)
                    : [$this->free($s, $p, $from, $ticks), -1];
                if (self::NEVER === $at) {
                    continue;
                }
                $any = true;
                $end = $at + $ticks;
                $over = $end > $b->day->people[$p]->to;
                // Two who are alike, and free by then, make no two days.
                if (!$over && $s->person[$p] <= $from && -1 === $helper && null === $b->before[$j][$k]) {
                    $class = $b->classes[$p];
                    if (isset($seen[$class])) {
                        continue;
                    }
                    $seen[$class] = true;
                }
                if (!$over) {
                    $cut = min($cut, $end);
                }
                $moves[] = [$j, $p, $helper, $unit, $at, $end];
            }
            if (!$any) {
                return $j;
            }
        }

        // What begins after something else could be over would let that go first.
        return array_values(array_filter($moves, static fn (array $m): bool => $m[4] < $cut));
    }

    /** @param Move $move */
    public function place(State $s, array $move, ?Kept $kept = null): State
    {
        $b = $this->board;
        [$j, $p, $helper, $unit, $from, $to] = $move;
        $new = clone $s;
        $k = $new->next[$j]++;
        $new->kept += isset($kept?->tasks[$j][$k]) ? 1 : 0;
        $new->step = [$s, $j, $k, $p, $helper, $unit, $from, $to];
        $new->free[$j] = $to;
        if ($unit >= 0) {
            $new->unit[$unit] = $to;
        }
        if ($p >= 0) {
            $shift = $b->day->people[$p]->to;
            $new->over += max(0, $to - $shift) - max(0, $new->person[$p] - $shift);
            $new->person[$p] = $to;
            $task = $b->day->jobs[$j]->tasks[$k];
            if ($task->isStripping()) {
                $new->strip[$p] += $task->ticks;
            }
            if ($b->day->jobs[$j]->heavy && $task->station->isLiftedOnto()) {
                $new->heavy[$p][$j] = true;
            }
        }
        if ($helper >= 0) {
            $new->person[$helper] = max($new->person[$helper], $from + Board::LIFTING);
        }
        $was = $b->before[$j][$k];
        if (null !== $was && ($was[0] !== $from || (null === $was[1] ? -1 : $was[1]) !== $p)) {
            $new->extra += self::MOVED;
        }
        $new->last = $from;
        $new->bound = $this->bound($new);

        return $new;
    }

    /** Without a job that has no place. */
    public function leaveOut(State $s, int $job): State
    {
        $new = clone $s;
        $new->next[$job] = \count($this->board->ticks[$job]);
        $new->out[$job] = true;
        $new->extra += self::OUT;
        $new->bound = $this->bound($new);

        return $new;
    }

    public function isDone(State $s): bool
    {
        foreach ($s->next as $j => $k) {
            if (isset($this->board->ticks[$j][$k])) {
                return false;
            }
        }

        return true;
    }

    /**
     * What the day costs at least. Of what is not done yet: each dog as if it had the house for itself, or all of them
     * as if everybody's hands (or every table, where tables are scarce) could be put to any of them at once, whichever
     * is most.
     */
    private function bound(State $s): int
    {
        $b = $this->board;
        $sum = $s->extra;
        $most = 0;
        $open = $ends = [];
        foreach ($s->next as $j => $k) {
            if (isset($s->out[$j])) {
                continue;
            }
            $sum -= $b->arrived[$j];
            if (!isset($b->ticks[$j][$k])) {
                $late = $s->free[$j] - $b->promised[$j];
                $sum += $s->free[$j] + ($late > 0 ? self::LATE * $late : 0);
                continue;
            }
            $from = max($s->free[$j], $s->last);
            $end = $this->soonest[$j][$k][$from] ?? $this->soonest($j, $k, $from);
            if (self::NEVER === $end) {
                $sum += self::OUT;
                continue;
            }
            $late = $end - $b->promised[$j];
            $most += $end + ($late > 0 ? self::LATE * $late : 0);
            $open[$j] = $k;
            $ends[$j] = $end;
        }
        $s->settled = $sum + self::OVER * $s->over;
        $s->from = $this->hangsOn($s);
        if ([] === $open) {
            return $s->settled;
        }
        $free = [];
        $left = $work = 0;
        foreach ($s->person as $p => $at) {
            $free[] = $at = max($at, $s->last);
            $left += max(0, $b->shiftEnd[$p] - $at);
        }
        foreach ($open as $j => $k) {
            $work += $b->work[0][$j][$k];
        }
        foreach ($b->scarce as $r => $units) {
            $at = $free;
            if (0 !== $r) {
                $at = [];
                foreach ($units as $u) {
                    $at[] = max($s->unit[$u], $s->last);
                }
            }
            $most = max($most, $this->shared($r, $at, $open, $ends));
        }

        return $sum + self::OVER * ($s->over + max(0, $work - $left)) + $most;
    }

    /** @return list<int> */
    private function hangsOn(State $s): array
    {
        $out = [$s->last];
        foreach ($s->next as $j => $k) {
            if (isset($this->board->ticks[$j][$k])) {
                $out[] = max($s->free[$j], $s->last);
            }
        }
        foreach ([[$s->person, $this->board->classes], [$s->unit, $this->board->unitClasses]] as [$free, $classes]) {
            $by = [];
            foreach ($free as $i => $at) {
                $by[$classes[$i]][] = max($at, $s->last);
            }
            foreach ($by as $ticks) {
                sort($ticks);
                array_push($out, ...$ticks);
            }
        }
        foreach ($this->board->limited as $p) {
            array_push($out, $s->strip[$p], \count($s->heavy[$p]));
        }

        return $out;
    }

    /**
     * Ends and lateness as if this resource, pooled, was all that they need; the shortest first, which ends most of
     * them soonest, and the soonest end for the soonest promise.
     *
     * @param list<int> $free
     * @param array<int, int> $open task by job
     * @param array<int, int> $ends soonest end by job
     */
    private function shared(int $r, array $free, array $open, array $ends): int
    {
        $b = $this->board;
        $sum = 0;
        $works = $soonest = $due = [];
        foreach ($open as $j => $k) {
            $work = $b->work[$r][$j][$k];
            $end = $ends[$j];
            if (0 === $work) {
                $late = $end - $b->promised[$j];
                $sum += $end + ($late > 0 ? self::LATE * $late : 0);
                continue;
            }
            $tail = $b->tail[$r][$j][$k];
            $works[] = $work;
            $soonest[] = $end - $tail;
            $due[] = $b->promised[$j] - $tail;
            $sum += $tail;
        }
        sort($works);
        sort($soonest);
        sort($due);
        sort($free);
        $all = \count($free);
        $n = $done = $sooner = 0;
        foreach ($works as $i => $ticks) {
            // When so much is done, if all that is there works without a pause.
            $done += $ticks;
            while ($n < $all && (0 === $n || $free[$n] * $n - $sooner < $done)) {
                $sooner += $free[$n++];
            }
            $end = 0 === $n ? $soonest[$i] : max($soonest[$i], (int) ceil(($done + $sooner) / $n));
            $late = $end - $due[$i];
            $sum += $end + ($late > 0 ? self::LATE * $late : 0);
        }

        return $sum;
    }

    /** When a job would end if nobody else was there: between people's breaks and within their hours. */
    private function soonest(int $j, int $k, int $from): int
    {
        $b = $this->board;
        if (!isset($b->ticks[$j][$k])) {
            return $from;
        }
        $ticks = $b->ticks[$j][$k];
        $at = $from;
        if (null !== $b->people[$j][$k]) {
            $at = self::NEVER;
            foreach ($b->people[$j][$k] as $p) {
                $at = min($at, self::within($b->day->people[$p], max($from, $b->personFree[$p]), $ticks));
            }
        }

        return $this->soonest[$j][$k][$from] =
            self::NEVER === $at ? self::NEVER : $this->soonest($j, $k + 1, $at + $ticks);
    }

    private function bears(State $s, int $p, int $j, int $k): bool
    {
        $worker = $this->board->day->people[$p];
        $job = $this->board->day->jobs[$j];
        $task = $job->tasks[$k];
        if (null !== $worker->stripMost && $task->isStripping() && $s->strip[$p] + $task->ticks > $worker->stripMost) {
            return false;
        }

        return null === $worker->heavyMost
            || !$job->heavy
            || !$task->station->isLiftedOnto()
            || isset($s->heavy[$p][$j])
            || \count($s->heavy[$p]) < $worker->heavyMost;
    }

    /** The earliest tick from which this person has so many in one piece: between breaks, an hour over at most. */
    private function free(State $s, int $p, int $from, int $ticks): int
    {
        return self::within($this->board->day->people[$p], max($from, $s->person[$p]), $ticks);
    }

    private static function within(Worker $worker, int $at, int $ticks): int
    {
        foreach ($worker->breaks as [$begin, $end]) {
            if ($at < $end && $at + $ticks > $begin) {
                $at = $end;
            }
        }

        return $at + $ticks > $worker->to + Board::OVERTIME ? self::NEVER : $at;
    }

    /** @return array{int, int} from when, and who lifts along */
    private function withHelp(State $s, int $p, int $from, int $ticks): array
    {
        $at = $from;
        for ($tries = 0; $tries < 20; ++$tries) {
            $at = $this->free($s, $p, $at, $ticks);
            $soonest = self::NEVER;
            $helper = -1;
            foreach (array_keys($this->board->day->people) as $q) {
                $free = $q === $p || self::NEVER === $at ? self::NEVER : $this->free($s, $q, $at, Board::LIFTING);
                if ($free < $soonest) {
                    [$soonest, $helper] = [$free, $q];
                }
            }
            if ($soonest === $at || self::NEVER === $soonest) {
                return [$soonest, $helper];
            }
            $at = $soonest;
        }

        return [self::NEVER, -1];
    }
}
