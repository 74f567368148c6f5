<?php

/** What a year is planned from: limits of the clocks, weeks since, closed weeks, what a visit costs. */

declare(strict_types=1);

namespace KeenThistle\Core\Year;

final readonly class Wants
{
    /** Costs are compared as whole numbers of this part of one. */
    public const SCALE = 1_000_000;
    public const COSTS = ['full' => 10.0, 'bath' => 6.0, 'tidy' => 4.0, 'nails' => 1.5];

    /** @var array<int, true> by week */
    public array $closed;

    /** @var array<string, int> by kind of visit, scaled */
    public array $costs;

    /**
     * @param array<string, int|null> $max whole weeks by clock: full, hygiene, nails, bath; null: no such clock
     * @param list<int> $closed weeks without visits
     * @param array<string, float> $costs by kind of visit, in place of the usual ones
     * @param array<string, int> $since weeks since each clock was set back, when week 0 begins
     */
    public function __construct(
        public int $weeks,
        public array $max,
        array $closed = [],
        array $costs = [],
        public array $since = [],
    ) {
        $this->closed = array_fill_keys($closed, true);
        $this->costs = array_map(
            static fn (float $cost): int => (int) round($cost * self::SCALE),
            $costs + self::COSTS,
        );
    }

    /** @return list<string> kinds of visit that can be of use, the one that sets back most first */
    public function kinds(): array
    {
        $out = [];
        $lesser = 0;
        foreach (['nails' => 'nails', 'tidy' => 'hygiene', 'bath' => 'bath', 'full' => 'full'] as $kind => $clock) {
            if (!\array_key_exists($clock, $this->max)) {
                continue;
            }
            // Without a clock of its own it does no more than the one below it: only for less money.
            if (isset($this->max[$clock]) || $this->costs[$kind] < $lesser) {
                array_unshift($out, $kind);
                $lesser = $this->costs[$kind];
            }
        }

        return $out;
    }

    /**
     * Weeks that a clock has run at $week when it was last set back at $last; week 0 is the begin, with what it had run
     * then; the week after the last is the end, of which the last week counts.
     */
    public function weeksAt(int $week, int $last, string $clock): int
    {
        return min($week, $this->weeks) - $last + (0 === $last ? $this->since[$clock] ?? 0 : 0);
    }
}
