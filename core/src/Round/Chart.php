<?php

/** The stops of a round and the roads between them by number, with what is known beforehand of each set of stops. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

/** Place 0 is the base, 1 to n are the stops, the refills follow, and then where the van is at the start. */
final class Chart
{
    public readonly int $many;
    /** @var list<string> */
    private readonly array $places;
    /** @var list<array{int, list<list<int|null>>}> from when a table holds, minutes by place and place */
    private readonly array $tables;
    /** @var array<int, int> minutes at work of the stops outside a set, and the least ways to each of them and home */
    public readonly array $rest;
    /** @var array<int, int> when the last of the stops outside a set can be done, as their windows begin */
    public readonly array $ready;
    /** @var array<int, list<int>> by when the van has to leave for each of them to be in time, soonest first */
    public readonly array $windows;
    /** @var array<int, float> what the stops outside a set take of the tank */
    public readonly array $litres;
    /** @var array<int, float> what they take of the battery */
    public readonly array $power;
    /** @var list<int> least way to a stop, wherever from and whenever */
    public readonly array $nearest;
    private readonly int $work;

    /** @param list<Stop> $stops */
    public function __construct(public readonly Van $van, Roads $roads, public readonly array $stops)
    {
        $this->many = \count($stops);
        $refills = array_map(static fn (Refill $r): string => $r->at, $van->refills);
        $stopAt = array_map(static fn (Stop $s): string => $s->at, $stops);
        $this->places = [$van->base, ...$stopAt, ...$refills, $van->at ?? $van->base];
        $this->tables = $roads->between($this->places);
        $this->work = array_sum(array_map(static fn (Stop $s): int => $s->minutes, $stops));
        $this->nearest = array_map(fn (int $j): int => $this->least($j + 1), array_keys($stops));
        $home = $this->least(0);
        $rest = $litres = $power = $ready = $windows = [];
        for ($set = 0; $set < 1 << $this->many; ++$set) {
            [$rest[$set], $litres[$set], $power[$set], $ready[$set], $windows[$set]] = [$home, 0.0, 0.0, 0, []];
            foreach ($stops as $j => $s) {
                if (0 === ($set & (1 << $j))) {
                    $rest[$set] += $s->minutes + $this->nearest[$j];
                    $litres[$set] += $s->litres;
                    $power[$set] += $s->powerMinutes;
                    $ready[$set] = max($ready[$set], $s->from + $s->minutes);
                    $windows[$set][] = $s->to - $this->nearest[$j];
                }
            }
            sort($windows[$set]);
        }
        [$this->rest, $this->litres, $this->power] = [$rest, $litres, $power];
        [$this->ready, $this->windows] = [$ready, $windows];
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
        $fromStart = $isFull ? \PHP_INT_MAX : $this->least($to, $this->after(-1), $this->after(-1));

        return min($fromStart, $this->least($to, 1, $this->many));
    }

    /** The shortest way to a place from any other. */
    private function least(int $to, int $first = 0, int $last = \PHP_INT_MAX): int
    {
        $least = 100_000;
        foreach ($this->tables as [, $minutes]) {
            foreach ($minutes as $from => $ways) {
                $counts = $from !== $to && $from >= $first && $from <= $last;
                $least = $counts ? min($least, $ways[$to] ?? $least) : $least;
            }
        }

        return $least;
    }
}
