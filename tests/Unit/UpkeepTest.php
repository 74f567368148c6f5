<?php

/** What a manager is told of the house: nothing while all is well, each trouble in words and with what to do. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Upkeep\KeepRule;
use KeenThistle\Upkeep\UpkeepRule;
use PHPUnit\Framework\TestCase;

final class UpkeepTest extends TestCase
{
    public function testEachTroubleIsSaidAndNothingElse(): void
    {
        $now = new \DateTimeImmutable('2026-11-28 12:00:00');
        $worker = $now->modify('-70 seconds');
        $copy = $now->modify('-20 hours');
        $gb = 1e9;
        self::assertSame([], UpkeepRule::warnings($now, $worker, $copy, 40 * $gb, 100 * $gb, false));
        $dead = UpkeepRule::warnings($now, $now->modify('-3 hours'), $copy, 40 * $gb, 100 * $gb, false);
        self::assertStringContainsString('not been seen for 3 hours', implode('', $dead));
        self::assertCount(1, UpkeepRule::warnings($now, null, null, 40 * $gb, 100 * $gb, true), 'a demo needs no copy');
        $old = UpkeepRule::warnings($now, $worker, $now->modify('-5 days'), 40 * $gb, 100 * $gb, false);
        self::assertStringContainsString('5 days old', implode('', $old));
        self::assertStringContainsString(
            'No copy',
            implode('', UpkeepRule::warnings($now, $worker, null, 40 * $gb, 100 * $gb, false)),
        );
        foreach ([[0.5, 4.0], [9.0, 100.0]] as [$free, $of]) {
            $full = UpkeepRule::warnings($now, $worker, $copy, $free * $gb, $of * $gb, false);
            self::assertStringContainsString('nearly full', implode('', $full));
        }
    }

    public function testSevenDaysAndFourWeeksOfCopiesAreKept(): void
    {
        $today = new \DateTimeImmutable('2026-01-01');
        $there = [];
        for ($night = 0; $night < 120; ++$night) {
            $today = $today->modify('+1 day');
            $there[] = $today->format('Y-m-d');
            $there = array_values(array_diff($there, KeepRule::out($there, $today)));
            self::assertContains($today->format('Y-m-d'), $there);
            self::assertLessThanOrEqual(7 + 4, \count($there));
        }
        self::assertCount(7 + 4, $there);
        $weeks = array_map(
            static fn (string $d): string => (new \DateTimeImmutable($d))->format('o-W'),
            \array_slice($there, 0, 4),
        );
        self::assertCount(4, array_unique($weeks), 'one of each week');
        self::assertGreaterThan(21, $today->diff(new \DateTimeImmutable($there[0]))->days);
    }
}
