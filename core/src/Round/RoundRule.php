<?php

/** The van's day: the order of its stops and refills that costs least, exact up to twelve stops, and what breaks it. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

use KeenThistle\Core\Say\Say;

final class RoundRule
{
    public const MOST = 12;
    /** What a minute late past a window costs, and one of overtime; one driven, waited or refilled costs one. */
    public const LATE = 10;
    public const OVERTIME = 5;

    private function __construct()
    {
    }

    /**
     * @param list<Stop> $stops at most MOST, each at a place that the roads know
     * @param bool $asGiven whether they keep the order in which they are: only refills are put between them
     *
     * @throws \LogicException for more
     */
    public static function of(Van $van, Roads $roads, array $stops, bool $asGiven = false): Round
    {
        if (\count($stops) > self::MOST) {
            throw new \LogicException('More stops than can be ordered exactly.');
        }
        if ([] === $stops) {
            return new Round([], $van->starts, 0, 0, 0, []);
        }
        $never = self::never($van, $roads, $stops);
        $chart = new Chart($van, $roads, $stops);
        $last = [] === $never ? (new Search($chart, $asGiven))->last() : null;
        if (null === $last) {
            $why = [] === $never
                ? self::parting($van, $roads, $stops, $asGiven)
                : $never;

            return new Round([], $van->starts, 0, 0, 0, $why);
        }

        $round = self::round($chart, $roads, $last);

        return $asGiven ? $round : self::together($van, $roads, $stops, $round);
    }

    /**
     * Of rounds that cost the same, the one that calls at a farm once for all of its homes.
     *
     * @param list<Stop> $stops
     */
    private static function together(Van $van, Roads $roads, array $stops, Round $round): Round
    {
        $byId = array_column($stops, null, 'id');
        $order = array_values(array_filter(
            array_map(static fn (Call $c): ?Stop => $byId[$c->stop] ?? null, $round->calls),
        ));
        foreach ($order as $stop) {
            $n = (int) array_search($stop, $order, true);
            $first = (int) array_search($stop->at, array_column($order, 'at'), true);
            if ($first === $n || $order[$n - 1]->at === $stop->at) {
                continue;
            }
            $other = $order;
            array_splice($other, $n, 1);
            array_splice($other, $first + 1, 0, [$stop]);
            $chart = new Chart($van, $roads, $other);
            $last = (new Search($chart, true))->last();
            $same = null === $last ? null : self::round($chart, $roads, $last);
            if (null !== $same && $same->cost <= $round->cost) {
                [$order, $round] = [$other, $same];
            }
        }

        return $round;
    }

    /**
     * @param list<Stop> $stops
     *
     * @return array<string, string> by stop that no round holds, why
     */
    private static function never(Van $van, Roads $roads, array $stops): array
    {
        $why = [];
        foreach ($stops as $s) {
            $there = $roads->there($van->at ?? $van->base, $s->at, $van->starts, $van);
            $ends = null === $there
                ? null
                : $van->begins(max($there, $s->from), $s->minutes) + $s->minutes;
            if ($s->litres > $van->tank) {
                $why[$s->id] = Say::it('round.more_water', $s->litres, $van->tank);
            } elseif ($s->powerMinutes > $van->battery) {
                $why[$s->id] = Say::it('round.more_power', $s->powerMinutes, $van->battery);
            } elseif (null === $ends || null === $roads->there($s->at, $van->base, $ends, $van)) {
                $why[$s->id] = Say::it('round.no_way');
            }
        }

        return $why;
    }

    /**
     * @param list<Stop> $stops that no order holds together
     *
     * @return array<string, string> by stop, why: in the order given the first that does not follow those before it,
     *     else those without which the others hold, or all of them where it is not one alone
     */
    private static function parting(Van $van, Roads $roads, array $stops, bool $asGiven): array
    {
        $why = [];
        foreach ($stops as $n => $s) {
            $some = $asGiven ? \array_slice($stops, 0, $n + 1) : array_values(array_diff_key($stops, [$n => true]));
            $holds = (new Search(new Chart($van, $roads, $some), $asGiven))->holds();
            if ($asGiven && !$holds) {
                return [$s->id => Say::it('round.not_after_those_before')];
            }
            if (!$asGiven && $holds) {
                $why[$s->id] = Say::it('round.not_with_the_others');
            }
        }

        return [] === $why
            ? array_fill_keys(array_column($stops, 'id'), Say::it('round.not_all_in_a_day'))
            : $why;
    }

    private static function round(Chart $chart, Roads $roads, Label $last): Round
    {
        $way = [];
        for ($l = $last; null !== $l->before; $l = $l->before) {
            array_unshift($way, $l);
        }
        $calls = $breaks = [];
        [$water, $power] = [$chart->start()->water, $chart->start()->power];
        foreach ($way as $label) {
            $before = $label->before;
            $from = $chart->name($chart->after($before->stop ?? -1));
            $leaves = $before->time ?? $chart->van->starts;
            if (null !== $label->by && null !== $before) {
                $water = $label->by->water ? $chart->van->tank : $water;
                $power = $label->by->power ? $chart->van->battery : $power;
                $there = $roads->there($from, $label->by->at, $leaves, $chart->van) ?? $leaves;
                $calls[] = $fill = self::fill($chart->van, $label->by, $there, $water, $power);
                [$from, $leaves] = [$fill->at, $fill->ends];
            }
            $stop = $chart->stops[$label->stop];
            [$water, $power] = [$water - $stop->litres, $power - $stop->powerMinutes];
            $there = $roads->there($from, $stop->at, $leaves, $chart->van);
            $calls[] = $call = self::call($stop, $label->time - $stop->minutes, $there, $water, $power);
            if ($call->late > 0) {
                $breaks[$call->stop] = self::why($chart->van, $roads, $stop, $call);
            }
        }
        $back = $chart->there($last->stop + 1, 0, $last->time) ?? $last->time;
        $overtime = max(0, $back - $chart->van->ends);

        return new Round($calls, $back, $last->late, $overtime, $chart->cost($back, $last->late), $breaks);
    }

    private static function fill(Van $van, Refill $by, int $arrives, float $water, float $power): Call
    {
        $ends = $van->done($arrives, $by->minutes);

        return new Call('', $by->at, $arrives, $arrives, $ends, 0, $water, $power);
    }

    private static function call(Stop $stop, int $begins, ?int $there, float $water, float $power): Call
    {
        return new Call(
            $stop->id,
            $stop->at,
            $there ?? $begins,
            $begins,
            $begins + $stop->minutes,
            max(0, $begins - $stop->to),
            $water,
            $power,
        );
    }

    /** Whether its window could be kept at all, or only not with the others. */
    private static function why(Van $van, Roads $roads, Stop $stop, Call $call): string
    {
        $first = $roads->there($van->at ?? $van->base, $stop->at, $van->starts, $van) ?? $call->arrives;

        return $first > $stop->to
            ? Say::it('round.window_cannot_be_reached', Clock::time($stop->to), Clock::time($first))
            : Say::it('round.late', $call->late, Clock::time($stop->to));
    }
}
