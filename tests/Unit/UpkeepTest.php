<?php

/** What a manager is told of the house: nothing while all is well, each trouble in words and with what to do. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

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
}
