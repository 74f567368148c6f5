<?php

/** The year: as cheap as any plan there is, and every clock kept; what cannot be is named. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Year\Wants;
use KeenThistle\Core\Year\YearCheck;
use KeenThistle\Core\Year\YearPlan;
use KeenThistle\Core\Year\YearRule;
use PHPUnit\Framework\TestCase;

final class YearTest extends TestCase
{
    use TestTrait;

    private static function plan(Wants $wants): YearPlan
    {
        return (new YearRule())->plan($wants);
    }

    public function testTheWorkedExample(): void
    {
        $plan = self::plan(new Wants(52, ['full' => 6, 'hygiene' => 4, 'nails' => 4]));
        self::assertSame(112.0, $plan->cost);
        self::assertCount(16, $plan->visits);
        self::assertSame(['week' => 4, 'kind' => 'full'], $plan->visits[0]);
    }

    public function testClosedWeeksThatCannotBeAreNamedWithTheirClock(): void
    {
        $plan = self::plan(new Wants(12, ['full' => 8, 'hygiene' => 4, 'nails' => 5], [3, 4, 5, 6, 7]));
        self::assertNull($plan->cost);
        self::assertSame([], $plan->visits);
        self::assertSame(['hygiene', 'nails'], array_map(static fn ($r): string => $r->term, $plan->reasons));
        self::assertStringContainsString('closed in week 3, 4, 5, 6, 7', $plan->reasons[0]->source);
    }

    public function testAClockThatIsPastItsLimitAlreadyIsSaid(): void
    {
        $plan = self::plan(new Wants(10, ['full' => 6, 'hygiene' => 4, 'nails' => 4], since: ['full' => 6]));
        self::assertNull($plan->cost);
        self::assertStringContainsString('before any visit can come, at 7 weeks', $plan->reasons[0]->source);
    }

    public function testABathSetsBackWhatATidyDoes(): void
    {
        $plan = self::plan(new Wants(12, ['full' => 12, 'hygiene' => 5, 'nails' => 5, 'bath' => 6]));
        self::assertSame(['bath', 'bath'], array_column($plan->visits, 'kind'));
        self::assertSame(12.0, $plan->cost);
    }

    public function testEveryClockIsKeptAndNoPlanIsCheaper(): void
    {
        $this->limitTo(60)
            ->forAll(
                Generators::choose(1, 7),
                Generators::tuple(
                    Generators::choose(1, 6),
                    Generators::choose(1, 5),
                    Generators::choose(1, 4),
                    Generators::choose(0, 6),
                ),
                Generators::choose(0, 127),
                Generators::tuple(
                    Generators::elements(10.0, 3.0, 1.0),
                    Generators::elements(6.0, 2.5),
                    Generators::elements(4.0, 12.0),
                    Generators::elements(1.5, 0.0),
                ),
                Generators::choose(0, 3),
            )
            ->then(static function (int $weeks, array $max, int $shut, array $costs, int $since): void {
                /** @var array{int, int, int, int} $max
                 * @var list<float> $costs */
                $limits = ['full' => $max[0], 'hygiene' => $max[1], 'nails' => $max[2]];
                if (0 !== $max[3]) {
                    $limits['bath'] = $max[3];
                }
                // About every fourth week is closed.
                $closed = array_values(
                    array_filter(range(1, $weeks), static fn (int $w): bool => 0 === ($shut >> ($w - 1)) % 4),
                );
                $costs = array_combine(['full', 'bath', 'tidy', 'nails'], $costs);
                $wants = new Wants($weeks, $limits, $closed, $costs, ['hygiene' => $since]);
                $plan = self::plan($wants);
                $best = self::cheapest($wants, 1, ['full' => 0, 'hygiene' => $since, 'nails' => 0, 'bath' => 0]);
                self::assertSame($best, $plan->cost);
                self::assertSame($best, null === $plan->cost ? null : self::costOf($wants, $plan));
            });
    }

    /** @param array<string, int> $ran weeks each clock has run when the week before begins */
    private static function cheapest(Wants $wants, int $week, array $ran): ?float
    {
        if ($week > $wants->weeks) {
            return 0.0;
        }
        foreach ($ran as $clock => $weeks) {
            if (isset($wants->max[$clock]) && $weeks + 1 > $wants->max[$clock]) {
                return null;
            }
            $ran[$clock] = $weeks + 1;
        }
        $best = self::cheapest($wants, $week + 1, $ran);
        foreach (isset($wants->closed[$week]) ? [] : $wants->kinds() as $kind) {
            $rest = self::cheapest($wants, $week + 1, array_fill_keys(YearCheck::RESETS[$kind], 0) + $ran);
            $cost = null === $rest ? null : $rest + $wants->costs[$kind] / Wants::SCALE;
            $best = null === $best || (null !== $cost && $cost < $best) ? $cost : $best;
        }

        return $best;
    }

    /** What a plan costs, if it is one: the clocks are run through it week by week. */
    private static function costOf(Wants $wants, YearPlan $plan): float
    {
        $by = array_column($plan->visits, 'kind', 'week');
        self::assertCount(\count($plan->visits), $by, 'one visit a week');
        $ran = ['full' => 0, 'nails' => 0, 'bath' => 0] + $wants->since;
        $cost = 0.0;
        for ($week = 1; $week <= $wants->weeks; ++$week) {
            foreach ($ran as $clock => $weeks) {
                $ran[$clock] = $weeks + 1;
                self::assertLessThanOrEqual($wants->max[$clock] ?? 999, $ran[$clock], "$clock in week $week");
            }
            $kind = $by[$week] ?? null;
            if (null !== $kind) {
                self::assertArrayNotHasKey($week, $wants->closed);
                $ran = array_fill_keys(YearCheck::RESETS[$kind], 0) + $ran;
                $cost += $wants->costs[$kind] / Wants::SCALE;
            }
        }

        return $cost;
    }
}
