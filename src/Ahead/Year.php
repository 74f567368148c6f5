<?php

/** A dog's clocks, what its visits take and cost, and what follows for visits on given days. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Agenda\DogClocks;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Year\Wants;
use KeenThistle\Core\Year\YearCheck;
use KeenThistle\Core\Year\YearRule;

/** @phpstan-type Meant array{day: int, kind: string} */
final class Year
{
    /** Which clocks make up each of those of the year, in groomers' words. */
    private const OF = [
        'full' => 'the full groom',
        'bath' => 'the bath',
        'hygiene' => 'sanitary, pads and eyes',
        'nails' => 'nails',
    ];
    private const DAYS = 7 * YearReader::WEEKS;

    /** @var array<string, int> whole weeks by clock */
    private readonly array $limits;

    /** @var array<string, int> days that each has run */
    private readonly array $since;

    /** @var array<int, \KeenThistle\Visit\WishView|null> by weeks */
    private array $comes = [];

    /** @param array<string, Minutes|null> $minutes by kind of visit */
    public function __construct(
        private readonly DogClocks $dog,
        private readonly \DateTimeImmutable $today,
        private readonly array $minutes,
    ) {
        $i = $dog->interval();
        $limits = $since = [];
        foreach ([
            'full' => [$i->full_weeks, $i->full_on],
            'bath' => [$i->bath_weeks, $i->bath_on],
            'hygiene' => [$i->tidy_weeks, $i->tidy_on],
            'nails' => [$i->nails_weeks, $i->nails_on],
        ] as $clock => [$weeks, $on]) {
            if (null !== $weeks && null !== $on && $dog->known) {
                $limits[$clock] = $weeks;
                $since[$clock] = max(0, 7 * $weeks - $this->dayOf($on));
            }
        }
        $this->limits = $limits;
        $this->since = $since;
    }

    public function dayOf(string $iso): int
    {
        return (int) (new \DateTimeImmutable($this->today->format('Y-m-d')))
            ->diff(new \DateTimeImmutable($iso))
            ->format('%r%a');
    }

    private function on(int $day): string
    {
        return $this->today->modify(\sprintf('%+d days', $day))->format('Y-m-d');
    }

    /** @return list<array{clock: string, label: string, weeks: int}> */
    public function clocks(): array
    {
        $out = [];
        foreach ($this->limits as $clock => $weeks) {
            $out[] = ['clock' => $clock, 'label' => self::OF[$clock], 'weeks' => $weeks];
        }

        return $out;
    }

    /**
     * Where a clock has run out already, or runs out before a visit of next week could come, the visit it asks for
     * comes first.
     *
     * @param list<int> $closed weeks
     *
     * @return array{list<Meant>, list<string>, list<Reason>} visits, what makes it impossible, reasons
     */
    public function advice(array $closed): array
    {
        if ([] === $this->limits) {
            return [[], [], []];
        }
        $prices = array_map(static fn (?Minutes $m): float => (float) ($m->price ?? 0), $this->minutes);
        $prices = \in_array(0.0, $prices, true) ? [] : $prices;
        $best = null;
        foreach ($this->firsts() as $kind => $day) {
            $since = array_map(static fn (int $days): int => (int) ceil($days / 7), $this->since);
            $since = null === $day ? $since : array_fill_keys(YearCheck::RESETS[$kind], 0) + $since;
            $limits = $this->limits + ['full' => null, 'hygiene' => null, 'nails' => null];
            $plan = (new YearRule())->plan(new Wants(YearReader::WEEKS, $limits, $closed, $prices, $since));
            $cost = null === $plan->cost ? \INF : $plan->cost + (null === $day ? 0.0 : ($prices + Wants::COSTS)[$kind]);
            if (null === $best || $cost < $best[0]) {
                $best = [$cost, $plan, null === $day ? [] : [['day' => $day, 'kind' => $kind]]];
            }
        }
        \assert(null !== $best);
        [, $plan, $first] = $best;
        if (null === $plan->cost) {
            return [[], array_map(static fn (Reason $r): string => $r->source, $plan->reasons), $plan->reasons];
        }

        return [
            [...$first, ...array_map(
                static fn (array $v): array => ['day' => 7 * $v['week'], 'kind' => $v['kind']],
                $plan->visits,
            )],
            [],
            $plan->reasons,
        ];
    }

    /**
     * What may come before the first whole week: where a clock runs out before it, each kind that sets it back.
     *
     * @return array<string, int|null> day by kind; one without a day: nothing has to
     */
    private function firsts(): array
    {
        $out = [];
        foreach (['full' => 'full', 'bath' => 'bath', 'tidy' => 'hygiene', 'nails' => 'nails'] as $kind => $clock) {
            $weeks = $this->limits[$clock] ?? null;
            if ('bath' !== $kind || null !== $weeks) {
                $out[$kind] = $this->soonest();
            }
            // What sets back less would leave this one past its limit.
            if (null !== $weeks && 7 * $weeks - ($this->since[$clock] ?? 0) < 7) {
                return $out;
            }
        }

        return ['full' => null];
    }

    /** Days until the first of the clocks runs out; 0 where one has. */
    private function soonest(): int
    {
        $left = [];
        foreach ($this->limits as $clock => $weeks) {
            $left[] = max(0, 7 * $weeks - ($this->since[$clock] ?? 0));
        }

        return [] === $left ? 0 : min($left);
    }

    /** @return list<Meant> full grooms every so many weeks, from the last one on */
    public function every(int $weeks): array
    {
        $out = [];
        $ran = $this->since['full'] ?? 0;
        for ($day = max(0, 7 * $weeks - $ran); $day < self::DAYS; $day += 7 * $weeks) {
            $out[] = ['day' => $day, 'kind' => 'full'];
        }

        return $out;
    }

    /** @param list<Meant> $visits */
    public function check(array $visits): YearCheckView
    {
        usort($visits, static fn (array $a, array $b): int => $a['day'] <=> $b['day']);
        $runs = (new YearCheck())->runs($this->limits, $this->since, $visits, self::DAYS);
        $rows = [];
        $last = -($this->since['full'] ?? 0);
        foreach ($visits as $v) {
            $weeks = null;
            $comes = null;
            if ('full' === $v['kind'] && $this->dog->known) {
                $weeks = ($v['day'] - $last) / 7;
                $comes = $this->comesAfter((int) round($weeks));
                $last = $v['day'];
            }
            $minutes = $this->minutesOf($v['kind']);
            $price = $this->minutes[$v['kind']]?->price;
            $rows[] = [
                'day' => $this->on($v['day']),
                'kind' => $v['kind'],
                'minutes' => null === $minutes ? null : $minutes + (int) round($comes->matting_minutes ?? 0),
                'price_minor' => null === $price ? null : $price + ($comes->fee_minor ?? 0),
                'load' => $comes?->load,
                'weeks' => null === $weeks ? null : round($weeks, 1),
            ];
        }
        $unknown = [] !== array_filter($rows, static fn (array $r): bool => null === $r['minutes']);

        return new YearCheckView(
            array_map(fn (array $r): array => [
                'from' => $this->on($r['from']),
                'to' => $this->on($r['to']),
            ] + $r, $runs),
            $rows,
            $unknown ? null : array_sum(array_column($rows, 'minutes')),
            $unknown ? null : array_sum(array_column($rows, 'price_minor')),
            \count(array_filter($runs, static fn (array $r): bool => $r['over'] > 0 && !$r['open'])),
        );
    }

    private function minutesOf(string $kind): ?int
    {
        $minutes = $this->minutes[$kind] ?? null;

        return null === $minutes ? null : (int) round($minutes->likely);
    }

    /** How the coat comes in after so many weeks. */
    private function comesAfter(int $weeks): ?\KeenThistle\Visit\WishView
    {
        $weeks = max(1, min(52, $weeks));
        if (!\array_key_exists($weeks, $this->comes)) {
            $this->comes[$weeks] = $this->dog->interval($weeks)->wish;
        }

        return $this->comes[$weeks];
    }
}
