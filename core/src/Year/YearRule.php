<?php

/** The year ahead: the cheapest visits that keep every clock, exactly. */

declare(strict_types=1);

namespace KeenThistle\Core\Year;

use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

/**
 * What a visit sets back is nested: a full groom sets back all, a bath all but the coat's, a tidy hygiene and nails, a
 * nails visit the nails. So the best visits between two full grooms hang on nothing outside them, and so on down: one
 * shortest way for each kind, over the ways of the kind below.
 */
final readonly class YearRule
{
    /** Kinds from the one that sets back most, with the clock that asks for it. */
    private const CLOCKS = ['full' => 'full', 'bath' => 'bath', 'tidy' => 'hygiene', 'nails' => 'nails'];

    public function plan(Wants $wants): YearPlan
    {
        $kinds = $wants->kinds();
        $missed = self::missed($wants, $kinds);
        if ([] !== $missed) {
            return new YearPlan(null, [], $missed);
        }
        $best = $this->way($wants, array_reverse($kinds), 0, $wants->weeks + 1);
        \assert(null !== $best);

        return new YearPlan($best->cost / Wants::SCALE, $best->visits(), self::reasons($wants, $kinds));
    }

    /**
     * The best way from one visit (or the begin) to another (or the end), by kinds that set back less than both.
     *
     * @param list<string> $kinds that may lie between, the one that sets back least first
     */
    private function way(Wants $wants, array $kinds, int $from, int $to): ?Way
    {
        $none = new Way();
        $below = static fn (int $a, int $b): Way => $none;
        foreach ($kinds as $i => $kind) {
            $above = $kinds[$i + 1] ?? null;
            $reach = null === $above ? null : $wants->max[self::CLOCKS[$above]] ?? null;
            $ways = [];
            // Between two of the next kind lie no more weeks than its clock lets; of the last, only the whole is asked.
            for ($a = $from; $a < (null === $above ? $from + 1 : $to); ++$a) {
                $ways[$a] = $this->ways($wants, $kind, $below, $a, min($to, null === $reach ? $to : $a + $reach + 1));
            }
            $below = static fn (int $a, int $b): ?Way => $ways[$a][$b] ?? null;
        }

        return $below($from, $to);
    }

    /**
     * @param \Closure(int, int): ?Way $below the best by lesser kinds from one week to another
     *
     * @return array<int, Way|null> the best with this kind as well, from $a to each week up to $to
     */
    private function ways(Wants $wants, string $kind, \Closure $below, int $a, int $to): array
    {
        $clock = self::CLOCKS[$kind];
        $most = $wants->max[$clock] ?? null;
        $out = [];
        /** @var array<int, Way> $reached best way that has this visit last */
        $reached = [$a => new Way()];
        for ($b = $a + 1; $b <= $to; ++$b) {
            $best = null;
            // Only as far back as the clock lets.
            for ($c = null === $most ? $a : max($a, $b - $most - 1); $c < $b; ++$c) {
                if (!isset($reached[$c]) || (null !== $most && $wants->weeksAt($b, $c, $clock) > $most)) {
                    continue;
                }
                $between = $below($c, $b);
                if (null !== $between) {
                    $best = $reached[$c]->andUnlessBetter($between, $best);
                }
            }
            $out[$b] = $best;
            if (null !== $best && $b < $to && !isset($wants->closed[$b])) {
                $reached[$b] = $best->visit($b, $kind, $wants->costs[$kind]);
            }
        }

        return $out;
    }

    /**
     * Whatever can be done is done in every open week: a clock that is passed even so cannot be kept.
     *
     * @param list<string> $kinds
     *
     * @return list<Reason>
     */
    private static function missed(Wants $wants, array $kinds): array
    {
        $open = array_filter(range(1, $wants->weeks), static fn (int $w): bool => !isset($wants->closed[$w]));
        $out = [];
        foreach ($kinds as $kind) {
            $clock = self::CLOCKS[$kind];
            $most = $wants->max[$clock] ?? null;
            if (null === $most) {
                continue;
            }
            $last = 0;
            foreach ([...$open, $wants->weeks + 1] as $week) {
                $weeks = $wants->weeksAt($week, $last, $clock);
                if ($weeks > $most) {
                    $out[] = new Reason($clock, $most, 'weeks', self::why($wants, $clock, $last, $week, $weeks));
                    break;
                }
                $last = $week;
            }
        }

        return $out;
    }

    private static function why(Wants $wants, string $clock, int $last, int $week, int $weeks): string
    {
        $closed = array_filter(array_keys($wants->closed), static fn (int $w): bool => $w > $last && $w < $week);
        $label = self::clock($clock);

        return [] === $closed
            ? Say::it('year.is_past_its_limit_before_any_visit', $label, $weeks)
            : Say::it('year.closed_weeks_let_it_run_to', $label, implode(', ', $closed), $weeks);
    }

    /**
     * @param list<string> $kinds
     *
     * @return list<Reason>
     */
    private static function reasons(Wants $wants, array $kinds): array
    {
        $out = [];
        foreach ($kinds as $kind) {
            $clock = self::CLOCKS[$kind];
            $most = $wants->max[$clock] ?? null;
            if (null !== $most) {
                $label = self::clock($clock);
                $out[] = new Reason($clock, $most, 'weeks', Say::it('year.never_longer_than_this', $label));
            }
            $out[] = new Reason("cost_$kind", $wants->costs[$kind] / Wants::SCALE, 'cost', self::kind($kind));
        }

        return $out;
    }

    private static function clock(string $clock): string
    {
        return match ($clock) {
            'full' => Say::it('year.clock_full'),
            'bath' => Say::it('year.clock_bath'),
            'hygiene' => Say::it('year.clock_hygiene'),
            default => Say::it('year.clock_nails'),
        };
    }

    private static function kind(string $kind): string
    {
        return match ($kind) {
            'full' => Say::it('year.kind_full'),
            'bath' => Say::it('year.kind_bath'),
            'tidy' => Say::it('year.kind_tidy'),
            default => Say::it('year.kind_nails'),
        };
    }
}
