<?php

/** The stops of a round and the roads between them by number, with what is known beforehand of each set of stops. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

/** Place 0 is the base, 1 to n are the stops, the refills follow, and then where the van is at the start. */
final class Chart
{
    /** Minutes of a way that there is not. */
    private const NEVER = 100_000;

    public readonly int $many;
    /** @var list<string> */
    private readonly array $places;
    /** @var list<array{int, list<list<int|null>>}> from when a table holds, minutes by place and place */
    private readonly array $tables;
    /** @var array<int, int> when the last of the stops outside a set can be done, as their windows begin */
    public readonly array $ready;
    /** @var array<int, list<int>> by when the van has to leave for each of them to be in time, soonest first */
    public readonly array $windows;
    /** @var array<int, float> what the stops outside a set take of the tank */
    public readonly array $litres;
    /** @var array<int, float> what they take of the battery */
    public readonly array $power;
    /** @var array<int, array{int, float}> how many of them take more than half the tank, and the least of those */
    public readonly array $wettest;
    /** @var array<int, array{int, float}> the same of the battery */
    public readonly array $strongest;
    /** @var list<int> least way to a stop, wherever from and whenever */
    private readonly array $nearest;
    private readonly int $work;
    /** @var list<list<list<int>>> least minutes from when a table holds, by place and place */
    private readonly array $least;
    /** @var array<int, array<int, array{int, array<int, int>, list<int>}>> what was reckoned within a set, by
     *     table */
    private array $within = [];
    /** @var array<int, array<int, array<int, int>>> what was reckoned of the rest, by table, set and place */
    private array $rest = [];

    /** @param list<Stop> $stops */
    public function __construct(public readonly Van $van, Roads $roads, public readonly array $stops)
    {
        $this->many = \count($stops);
        $refills = array_map(static fn (Refill $r): string => $r->at, $van->refills);
        $stopAt = array_map(static fn (Stop $s): string => $s->at, $stops);
        $this->places = [$van->base, ...$stopAt, ...$refills, $van->at ?? $van->base];
        $this->tables = $roads->between($this->places);
        $this->least = $this->fromThenOn();
        $this->work = array_sum(array_map(static fn (Stop $s): int => $s->minutes, $stops));
        $this->nearest = array_map(fn (int $j): int => $this->nearest($j + 1), array_keys($stops));
        $litres = $power = $ready = $windows = $wettest = $strongest = [];
        for ($set = 0; $set < 1 << $this->many; ++$set) {
            [$litres[$set], $power[$set], $ready[$set], $windows[$set]] = [0.0, 0.0, 0, []];
            [$wettest[$set], $strongest[$set]] = [[0, \INF], [0, \INF]];
            foreach ($stops as $j => $s) {
                if (0 === ($set & (1 << $j))) {
                    $litres[$set] += $s->litres;
                    $power[$set] += $s->powerMinutes;
                    $ready[$set] = max($ready[$set], $s->from + $s->minutes);
                    $windows[$set][] = $s->to - $this->nearest[$j];
                    $wettest[$set] = self::counted($wettest[$set], $s->litres, $van->tank);
                    $strongest[$set] = self::counted($strongest[$set], $s->powerMinutes, $van->battery);
                }
            }
            sort($windows[$set]);
        }
        [$this->litres, $this->power] = [$litres, $power];
        [$this->ready, $this->windows] = [$ready, $windows];
        [$this->wettest, $this->strongest] = [$wettest, $strongest];
    }

    /**
     * @param array{int, float} $most
     *
     * @return array{int, float}
     */
    private static function counted(array $most, float $takes, float $all): array
    {
        return 2 * $takes > $all ? [$most[0] + 1, min($most[1], $takes)] : $most;
    }

    /**
     * Minutes at work of the stops outside a set, and at least on the ways to each of them and home, for who leaves a
     * place then and has to be filled so many times.
     */
    public function rest(int $time, int $set, int $from, int $fills): int
    {
        $n = \count($this->tables) - 1;
        while ($n > 0 && $this->tables[$n][0] > $time) {
            --$n;
        }
        $straight = $this->rest[$n][$set][$from] ??= $this->ways($n, $set, $from);

        return $straight + ($this->within[$n][$set][2][$fills] ?? 0);
    }

    private function ways(int $n, int $set, int $from): int
    {
        [$all, $to] = $this->within[$n][$set] ??= $this->within($n, $set);
        if ([] === $to) {
            return $this->least[$n][$from][0];
        }
        // One of them is reached from here.
        $less = 0;
        foreach ($to as $j => $way) {
            $less = min($less, $this->least[$n][$from][$j + 1] - $way);
        }

        return $all + $less;
    }

    /**
     * @return array{int, array<int, int>, list<int>} all of it, of that the way to each stop from another outside the
     *     set, and how much more it is where so many of them are reached from where the van is filled
     */
    private function within(int $n, int $set): array
    {
        $least = $this->least[$n];
        $places = [];
        foreach ($this->stops as $j => $s) {
            if (0 === ($set & (1 << $j))) {
                $places[$j] = $j + 1;
            }
        }
        $home = self::NEVER;
        $work = 0;
        $to = $more = [];
        foreach ($places as $j => $place) {
            $way = $filled = self::NEVER;
            foreach ($places as $other) {
                $way = $other === $place ? $way : min($way, $least[$other][$place]);
            }
            foreach ($this->van->refills as $r => $refill) {
                $filled = min($filled, $least[$this->many + 1 + $r][$place]);
            }
            $to[$j] = 1 === \count($places) ? $filled : $way;
            $more[] = $filled - $to[$j];
            $work += $this->stops[$j]->minutes;
            $home = min($home, $least[$place][0]);
        }
        sort($more);
        $sum = array_sum(array_filter($more, static fn (int $m): bool => $m < 0));
        $detours = [$sum];
        foreach ($more as $m) {
            $detours[] = $sum += max(0, $m);
        }

        return [$work + $home + array_sum($to), $to, $detours];
    }

    public function start(): Label
    {
        $van = $this->van;

        return new Label($van->starts, 0, $van->water ?? $van->tank, $van->power ?? $van->battery);
    }

    /** When the van is there that leaves then, or waits until the roads are better; null: never that day. */
    public function there(int $from, int $to, int $leaves): ?int
    {
        $best = null;
        $rests = [] !== $this->van->pauses;
        foreach ($this->tables as $n => [$begins, $minutes]) {
            $way = $minutes[$from][$to];
            $drives = $leaves > $begins ? $leaves : $begins;
            $drives = $rests && 0 !== $way ? $this->van->begins($drives, 1) : $drives;
            if (null === $way || ($this->tables[$n + 1][0] ?? \PHP_INT_MAX) <= $drives) {
                continue;
            }
            $arrives = $rests && 0 !== $way ? $this->van->done($drives, $way) : $drives + $way;
            $best = null === $best || $arrives < $best ? $arrives : $best;
        }

        return $best;
    }

    /** Where the van is after a stop; -1: at the start. */
    public function after(int $stop): int
    {
        return $stop < 0 ? \count($this->places) - 1 : $stop + 1;
    }

    public function name(int $place): string
    {
        return $this->places[$place];
    }

    /** Everything that a round costs, whose stops were late by so much and which is home then. */
    public function cost(int $back, int $late): int
    {
        $over = $back - $this->van->ends;

        return RoundRule::LATE * $late
            + ($over > 0 ? RoundRule::OVERTIME * $over : 0)
            + $back
            - $this->van->starts
            - $this->work;
    }

    /** The shortest way to a place that fills, from a stop or from where the van begins with less than all. */
    public function toRefill(int $n): int
    {
        $to = $this->many + 1 + $n;
        $isFull = null === $this->van->water && null === $this->van->power;
        $fromStart = $isFull ? \PHP_INT_MAX : $this->nearest($to, $this->after(-1), $this->after(-1));

        return min($fromStart, $this->nearest($to, 1, $this->many));
    }

    /** The shortest way to a place from any other. */
    private function nearest(int $to, int $first = 0, int $last = \PHP_INT_MAX): int
    {
        $nearest = self::NEVER;
        foreach ($this->least[0] as $from => $ways) {
            $counts = $from !== $to && $from >= $first && $from <= $last;
            $nearest = $counts ? min($nearest, $ways[$to]) : $nearest;
        }

        return $nearest;
    }

    /** @return list<list<list<int>>> least minutes of a table and all after it */
    private function fromThenOn(): array
    {
        $out = [];
        foreach (array_keys($this->tables) as $n) {
            $after = \array_slice($this->tables, $n);
            $out[] = array_map(
                static fn (int $from): array => array_map(
                    static fn (int $to): int => min(self::NEVER, ...array_map(
                        static fn (array $table): int => $table[1][$from][$to] ?? self::NEVER,
                        $after,
                    )),
                    array_keys($after[0][1]),
                ),
                array_keys($after[0][1]),
            );
        }

        return $out;
    }
}
