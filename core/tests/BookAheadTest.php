<?php

/** Visits held ahead: none more than needed, none too few when weeks fill up before the dog is asked. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Year\BookAheadRule;
use PHPUnit\Framework\TestCase;

final class BookAheadTest extends TestCase
{
    use TestTrait;

    /** @return array<int, float> full for so many weeks, then emptier by a tenth a week */
    private static function fullFor(int $weeks, int $ahead = 40): array
    {
        $out = [];
        for ($w = 1; $w <= $ahead; ++$w) {
            $out[$w] = $w <= $weeks ? 1.0 : max(0.0, 0.9 - 0.1 * ($w - $weeks - 1));
        }

        return $out;
    }

    /**
     * @param array<int, float> $fill
     * @param array<int, float> $usual
     * @param list<int> $closed
     *
     * @return array{hold: int, visits: list<array{week: int|null, due: int, fill_then: float, hold: bool,
     *     late_weeks: int}>}
     */
    private static function plan(int $every, array $fill, array $usual = [], array $closed = [], int $since = 0): array
    {
        return (new BookAheadRule())->plan($every, $since, $fill, $usual, 0.95, $closed);
    }

    public function testAnEmptyDiaryHoldsTheNextVisitOnly(): void
    {
        $plan = self::plan(6, array_fill(1, 30, 0.2));
        self::assertSame(1, $plan['hold']);
        self::assertSame([6, 12, 18, 24, 30], array_column($plan['visits'], 'week'));
    }

    public function testADiaryFullForTenWeeksHoldsTwoForADogThatComesEverySix(): void
    {
        $plan = self::plan(6, self::fullFor(10), array_fill(1, 40, 0.0));
        // The first is pushed to the first week with room; what comes after it is then booked in time.
        self::assertSame([11, 5], [$plan['visits'][0]['week'], $plan['visits'][0]['late_weeks']]);
        $usual = self::fullFor(10);
        $now = [12 => 0.0] + array_fill(1, 40, 0.3);
        self::assertSame(6, self::plan(6, $now, $usual)['visits'][0]['week']);
        self::assertGreaterThan(1, self::plan(6, $now, $usual)['hold'], 'six weeks ahead such a diary is full');
    }

    public function testACrowdedYearEndIsHeldAheadAndClosedWeeksAreGoneRoundBefore(): void
    {
        $fill = array_fill(1, 20, 0.1);
        $fill[16] = 0.9;
        $usual = [4 => 0.2] + array_fill(1, 20, 0.1);
        $plan = self::plan(4, $fill, $usual);
        self::assertSame([true, false, false, true, false], array_column($plan['visits'], 'hold'));
        $closed = self::plan(4, array_fill(1, 12, 0.1), [], [4, 8]);
        self::assertSame([3, 7, 11], array_column($closed['visits'], 'week'), 'before, not after');
        $shut = self::plan(2, array_fill(1, 6, 1.0));
        self::assertSame([null, 0], [$shut['visits'][0]['week'], $shut['hold']]);
    }

    public function testNoVisitIsLateWhereThereIsRoom(): void
    {
        $this->forAll(
            Generators::choose(1, 13),
            Generators::choose(0, 20),
            Generators::choose(1, 100_000),
        )->then(static function (int $every, int $since, int $seed): void {
            $fill = [];
            for ($w = 1; $w <= 30; ++$w) {
                $seed = ($seed * 48271) % 2147483647;
                $fill[$w] = ($seed % 101) / 100;
            }
            $before = 0;
            foreach (self::plan($every, $fill, [], [], $since)['visits'] as $v) {
                if (null === $v['week']) {
                    continue;
                }
                self::assertLessThan(0.95, $fill[$v['week']]);
                self::assertGreaterThan($before, $v['week']);
                for ($w = max($before, $v['late_weeks'] > 0 ? $before : $v['week']) + 1; $w <= $v['due']; ++$w) {
                    self::assertGreaterThanOrEqual(0.95, $fill[$w], 'the latest week with room is taken');
                }
                $before = $v['week'];
            }
        });
    }
}
