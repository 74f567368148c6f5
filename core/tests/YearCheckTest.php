<?php

/** Visits against clocks: what a plan keeps is kept, what slips is named by days; series stay within the clock. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Year\SeriesRule;
use KeenThistle\Core\Year\Wants;
use KeenThistle\Core\Year\YearCheck;
use KeenThistle\Core\Year\YearRule;
use PHPUnit\Framework\TestCase;

final class YearCheckTest extends TestCase
{
    use TestTrait;

    /**
     * @param list<array{clock: string, from: int, to: int, days: int, limit: int, over: int, open: bool}> $runs
     *
     * @return array<string, list<int>> days over, by clock
     */
    private static function over(array $runs): array
    {
        $out = [];
        foreach ($runs as $r) {
            $out[$r['clock']][] = $r['over'];
        }

        return $out;
    }

    public function testAVisitThatSlipsBreaksItsClockByTheDaysItIsLate(): void
    {
        $check = new YearCheck();
        $limits = ['full' => 6, 'nails' => 4];
        $visits = [['day' => 28, 'kind' => 'nails'], ['day' => 42, 'kind' => 'full']];
        self::assertSame(
            ['full' => [0, 0], 'nails' => [0, 0, 0]],
            self::over($check->runs($limits, [], $visits, 60)),
        );
        $visits[1]['day'] = 45;
        $runs = $check->runs($limits, ['nails' => 3], $visits, 60);
        self::assertSame(['full' => [3, 0], 'nails' => [3, 0, 0]], self::over($runs));
        self::assertSame(
            ['clock' => 'nails', 'from' => -3, 'to' => 28, 'days' => 31, 'limit' => 4, 'over' => 3, 'open' => false],
            $runs[2],
        );
        self::assertSame([false, true, false, false, true], array_column($runs, 'open'));
        // A tidy sets no coat back.
        self::assertSame(
            ['full' => [8]],
            self::over($check->runs(['full' => 6], [], [['day' => 20, 'kind' => 'tidy']], 50)),
        );
    }

    public function testWhateverTheYearRulePlansIsKept(): void
    {
        $this->forAll(Generators::choose(1, 14), Generators::choose(1, 10), Generators::choose(1, 8))->then(
            static function (int $full, int $hygiene, int $nails): void {
                $limits = ['full' => $full, 'hygiene' => $hygiene, 'nails' => $nails];
                $plan = (new YearRule())->plan(new Wants(52, $limits));
                $visits = array_map(
                    static fn (array $v): array => ['day' => 7 * $v['week'], 'kind' => $v['kind']],
                    $plan->visits,
                );
                $runs = (new YearCheck())->runs($limits, [], $visits, 364);
                self::assertSame([0], array_values(array_unique(array_column($runs, 'over'))));
                // Each clock is looked at from the first day to the last, without a gap.
                foreach (array_keys($limits) as $clock) {
                    $its = array_filter($runs, static fn (array $r): bool => $r['clock'] === $clock);
                    self::assertSame(364, array_sum(array_column($its, 'days')));
                }
            },
        );
    }

    public function testASeriesGoesRoundWhatIsClosedAndNeverWaitsLonger(): void
    {
        $none = static fn (int $day): string => '';
        self::assertSame([7, 49, 91], array_column((new SeriesRule())->days(7, 6, 3, $none), 'day'));
        $closed = static fn (int $day): string => $day >= 47 && $day <= 60 ? 'closed' : '';
        $days = (new SeriesRule())->days(7, 6, 3, $closed);
        self::assertSame([7, 46, 88], array_column($days, 'day'));
        self::assertSame(['', 'closed', ''], array_column($days, 'why'));
        $gone = static fn (int $day): string => $day > 20 && $day < 90 ? 'closed' : '';
        self::assertSame([7, null, 91], array_column((new SeriesRule())->days(7, 6, 3, $gone), 'day'));
    }

    public function testEveryOpenSeriesKeepsItsClock(): void
    {
        $this->forAll(
            Generators::choose(1, 12),
            Generators::seq(Generators::choose(0, 200)),
        )->then(static function (int $every, array $shut): void {
            $days = (new SeriesRule())->days(
                10,
                $every,
                5,
                static fn (int $day): string => \in_array($day, $shut, true) ? 'shut' : '',
            );
            $last = 10;
            foreach ($days as $d) {
                self::assertNotContains($d['day'], $shut);
                if (null !== $d['day'] && $d['day'] <= $d['due']) {
                    self::assertLessThanOrEqual($every * 7, $d['day'] - $last);
                }
                $last = $d['day'] ?? $d['due'];
            }
        });
    }
}
