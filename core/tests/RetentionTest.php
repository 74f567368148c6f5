<?php

/** How long things are kept, and what is said of what people agreed to. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Care\ConsentWords;
use KeenThistle\Core\Care\RetentionRule;
use KeenThistle\Core\Care\WriteRule;
use PHPUnit\Framework\TestCase;

final class RetentionTest extends TestCase
{
    use TestTrait;

    public function testNothingGoesWhereThingsAreKeptForEver(): void
    {
        $rule = new RetentionRule(0, 0);
        self::assertNull($rule->messagesBefore(new \DateTimeImmutable()));
        self::assertNull($rule->homesBefore(new \DateTimeImmutable()));
    }

    public function testTwentyFourMonthsAndSixYears(): void
    {
        $rule = new RetentionRule(24, 6);
        $now = new \DateTimeImmutable('2026-11-29 03:00');
        self::assertSame('2024-11-29', $rule->messagesBefore($now)?->format('Y-m-d'));
        self::assertSame('2020-11-29', $rule->homesBefore($now)?->format('Y-m-d'));
        self::assertSame('2024-11-29', (new RetentionRule(24, 1))->homesBefore($now)?->format('Y-m-d'), 'two at least');
    }

    public function testWhoKeepsLongerLosesLess(): void
    {
        $this->forAll(Generators::choose(1, 120), Generators::choose(1, 30), Generators::choose(0, 5000))
            ->then(static function (int $months, int $years, int $days): void {
                $now = (new \DateTimeImmutable('2026-01-01'))->modify("+$days days");
                $short = new RetentionRule($months, $years);
                $long = new RetentionRule($months + 1, $years + 1);
                self::assertLessThan($now, $short->messagesBefore($now));
                self::assertLessThanOrEqual($short->messagesBefore($now), $long->messagesBefore($now));
                self::assertLessThanOrEqual($short->homesBefore($now), $long->homesBefore($now));
            });
    }

    public function testEachAnswerHasItsWords(): void
    {
        $said = [
            ...array_map(ConsentWords::messages(...), WriteRule::CONSENT),
            ConsentWords::photos(true),
            ConsentWords::photos(false),
        ];
        self::assertCount(5, array_unique($said));
        self::assertStringContainsString('not to be written to', ConsentWords::messages('no'));
    }
}
