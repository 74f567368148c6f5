<?php

/** Finds the cheapest round: sets of stops one by one larger, of ways through one set only those that may be best. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

/**
 * Of two ways through the same set that end at the same stop, one goes if the other is there no later, was no more
 * late, and has as much water and power left: the roads never bring there sooner who leaves later. What cannot cost
 * less than a round that is known already goes as well; a first one is found by following the most hopeful alone.
 */
final class Search
{
    /** Ways that are followed at each step to find a first round. */
    private const HOPEFUL = 60;

    private ?Label $best = null;
    private int $cost = \PHP_INT_MAX;
    private readonly int $waterMinutes;
    private readonly int $powerMinutes;

    /** @param bool $asGiven whether the stops keep the order in which they are */
    public function __construct(private readonly Chart $chart, private readonly bool $asGiven = false)
    {
        $this->waterMinutes = $this->least(static fn (Refill $r): bool => $r->water);
        $this->powerMinutes = $this->least(static fn (Refill $r): bool => $r->power);
    }

    /**
     * What going by a place that fills takes at least: the way there from a stop, and the filling.
     *
     * @param callable(Refill): bool $fills
     */
    private function least(callable $fills): int
    {
        $least = 0;
        foreach ($this->chart->van->refills as $n => $r) {
            if ($fills($r)) {
                $takes = $r->minutes + $this->chart->toRefill($n);
                $least = 0 === $least ? $takes : min($least, $takes);
            }
        }

        return $least;
    }

    /** The last label of the cheapest round; null: no order holds all stops. */
    public function last(): ?Label
    {
        $this->follow(self::HOPEFUL);
        $this->follow(null);

        return $this->best;
    }

    /** Whether there is an order at all. */
    public function holds(): bool
    {
        $this->follow(self::HOPEFUL);
        if (null === $this->best) {
            $this->follow(null);
        }

        return null !== $this->best;
    }

    /** @param int|null $most ways that are kept at each step; null: all that may be best */
    private function follow(?int $most): void
    {
        /** @var array<int, array<int, list<Label>>> $open by set, then by last stop */
        $open = [0 => [-1 => [$this->chart->start()]]];
        for ($size = 0; $size < $this->chart->many; ++$size) {
            $next = [];
            foreach ($open as $set => $byLast) {
                foreach ($byLast as $labels) {
                    foreach ($labels as $label) {
                        $this->goOn($next, $label, $set);
                    }
                }
            }
            $open = null === $most ? $next : $this->hopeful($next, $most);
        }
        foreach ($open as $byLast) {
            foreach (array_merge(...$byLast) as $label) {
                $back = $this->chart->there($this->chart->after($label->stop), 0, $label->time);
                $cost = null === $back ? \PHP_INT_MAX : $this->chart->cost($back, $label->late);
                if ($cost < $this->cost) {
                    [$this->best, $this->cost] = [$label, $cost];
                }
            }
        }
    }

    /**
     * To every stop that is left: straight, or by each place that fills what is needed later.
     *
     * @param array<int, array<int, list<Label>>> $next
     */
    private function goOn(array &$next, Label $label, int $set): void
    {
        $van = $this->chart->van;
        $from = $this->chart->after($label->stop);
        $this->goFrom($next, $label, $set, $from, $label->time, $label->water, $label->power, null);
        foreach ($van->refills as $n => $r) {
            $helps =
                ($r->water && $label->water < min($this->chart->litres[$set], $van->tank))
                || ($r->power && $label->power < min($this->chart->power[$set], $van->battery));
            $at = $helps ? $this->chart->there($from, $this->chart->many + 1 + $n, $label->time) : null;
            if (null !== $at) {
                $water = $r->water ? $van->tank : $label->water;
                $power = $r->power ? $van->battery : $label->power;
                $place = $this->chart->many + 1 + $n;
                $this->goFrom($next, $label, $set, $place, $van->done($at, $r->minutes), $water, $power, $r);
            }
        }
    }

    /** @param array<int, array<int, list<Label>>> $next */
    private function goFrom(
        array &$next,
        Label $label,
        int $set,
        int $from,
        int $time,
        float $water,
        float $power,
        ?Refill $by,
    ): void {
        $rests = [] !== $this->chart->van->pauses;
        foreach ($this->chart->stops as $j => $stop) {
            // In the order given the next stop is the one whose set is all before it.
            $isNext = $this->asGiven ? $set === (1 << $j) - 1 : 0 === ($set & (1 << $j));
            if (!$isNext || $water < $stop->litres || $power < $stop->powerMinutes) {
                continue;
            }
            $arrives = $this->chart->there($from, $j + 1, $time);
            if (null === $arrives) {
                continue;
            }
            $begins = $arrives > $stop->from ? $arrives : $stop->from;
            $begins = $rests ? $this->chart->van->begins($begins, $stop->minutes) : $begins;
            $ends = $begins + $stop->minutes;
            $late = $label->late + ($begins > $stop->to ? $begins - $stop->to : 0);
            $with = $set | (1 << $j);
            // More than all that follows takes is as good as just that.
            $left = min($water - $stop->litres, $this->chart->litres[$with]);
            $charge = min($power - $stop->powerMinutes, $this->chart->power[$with]);
            if ($this->atLeast($ends, $late, $left, $charge, $with, $j + 1) >= $this->cost) {
                continue;
            }
            $kept = [];
            foreach ($next[$with][$j] ?? [] as $old) {
                if ($old->time <= $ends && $old->late <= $late && $old->water >= $left && $old->power >= $charge) {
                    continue 2;
                }
                if ($old->time < $ends || $old->late < $late || $old->water > $left || $old->power > $charge) {
                    $kept[] = $old;
                }
            }
            $kept[] = new Label($ends, $late, $left, $charge, $j, $label, $by);
            $next[$with][$j] = $kept;
        }
    }

    /** What a round that goes on from here costs at least: ways, work, refills, who is late whoever comes first. */
    private function atLeast(int $time, int $late, float $water, float $power, int $set, int $from): int
    {
        $chart = $this->chart;
        $van = $chart->van;
        $wet = $chart->litres[$set] <= $water
            ? 0
            : self::times($chart->litres[$set], $water, $van->tank, $chart->wettest[$set]);
        $charged = $chart->power[$set] <= $power
            ? 0
            : self::times($chart->power[$set], $power, $van->battery, $chart->strongest[$set]);
        $busy = $chart->rest($time, $set, $from, max($wet, $charged)) + $this->fills($wet, $charged);
        $done = [] === $chart->van->pauses ? $time + $busy : $chart->van->done($time, $busy);
        $back = max($done, $chart->ready[$set]);
        foreach ($chart->windows[$set] as $leaves) {
            if ($leaves >= $time) {
                break;
            }
            $late += $time - $leaves;
        }

        return $chart->cost($back, $late);
    }

    /** Where power takes longer, so many times of it may bring water as well; what water is left takes its own. */
    private function fills(int $wet, int $charged): int
    {
        return $this->powerMinutes >= $this->waterMinutes
            ? $charged * $this->powerMinutes + max(0, $wet - $charged) * $this->waterMinutes
            : max($charged * $this->powerMinutes, $wet * $this->waterMinutes);
    }

    /**
     * How often has to be filled at least: of two that take more than half, each takes one for itself.
     *
     * @param array{int, float} $most how many take more than half, and the least of those
     */
    private static function times(float $takes, float $left, float $all, array $most): int
    {
        return max((int) ceil(($takes - $left) / $all), $most[0] - ($left >= $most[1] ? 1 : 0));
    }

    /**
     * @param array<int, array<int, list<Label>>> $open
     *
     * @return array<int, array<int, list<Label>>>
     */
    private function hopeful(array $open, int $most): array
    {
        $all = [];
        foreach ($open as $set => $byLast) {
            foreach ($byLast as $labels) {
                foreach ($labels as $l) {
                    $from = $this->chart->after($l->stop);
                    $all[] = [$this->atLeast($l->time, $l->late, $l->water, $l->power, $set, $from), $set, $l];
                }
            }
        }
        usort($all, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $kept = [];
        foreach (\array_slice($all, 0, $most) as [, $set, $l]) {
            $kept[$set][$l->stop][] = $l;
        }

        return $kept;
    }
}
