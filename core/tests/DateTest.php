<?php

/** A date by its link: when an owner is reminded, when they can move it, what is said of the proof. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Care\DateRule;
use KeenThistle\Core\Care\ProofRule;
use KeenThistle\Core\Timing\HouseTerms;
use PHPUnit\Framework\TestCase;

final class DateTest extends TestCase
{
    use TestTrait;

    public function testOwnersAreRemindedByDayAndNeitherTooEarlyNorAfterwards(): void
    {
        $is = static fn (string $now, string $day, int $days): bool => DateRule::isTimeToRemind(
            new \DateTimeImmutable($now),
            $day,
            $days,
        );
        self::assertTrue($is('2026-11-28 09:00', '2026-11-30', 2));
        self::assertTrue($is('2026-11-28 18:59', '2026-11-29', 2));
        self::assertFalse($is('2026-11-28 08:59', '2026-11-30', 2));
        self::assertFalse($is('2026-11-28 19:00', '2026-11-30', 2));
        self::assertFalse($is('2026-11-28 12:00', '2026-12-01', 2));
        self::assertFalse($is('2026-11-28 12:00', '2026-11-28', 2), 'on the day itself they are on their way');
        self::assertFalse($is('2026-11-28 12:00', '2026-11-29', 0));
        self::assertTrue($is('2026-12-31 12:00', '2027-01-01', 1));
    }

    public function testWhoMayMoveADateByTheLink(): void
    {
        $terms = new HouseTerms(24, 50, 100, 20, 500);
        self::assertSame('', DateRule::whyNotMoved($terms, 24.0, 1));
        self::assertStringContainsString('less than 24 hours', DateRule::whyNotMoved($terms, 23.9, 0));
        self::assertStringContainsString('2 times', DateRule::whyNotMoved($terms, 100.0, 2));
        self::assertStringContainsString('less than 1 hours', DateRule::whyNotMoved(new HouseTerms(), 0.5, 0));
    }

    public function testMoreTimeNeverTakesAWayBack(): void
    {
        $this->forAll(Generators::choose(0, 336), Generators::choose(-50, 400), Generators::choose(0, 100))->then(
            static function (int $cancel, int $hours, int $more): void {
                $terms = new HouseTerms($cancel, 50);
                if ('' === DateRule::whyNotMoved($terms, $hours, 0)) {
                    self::assertSame('', DateRule::whyNotMoved($terms, $hours + $more, 0));
                    // What can be moved costs nothing to give up.
                    self::assertSame(0, $terms->forCancelling(10_000, $hours));
                }
                self::assertLessThanOrEqual(10_000, $terms->forCancelling(10_000, $hours));
            },
        );
    }

    public function testWhatIsMissingOfAProof(): void
    {
        self::assertSame('', ProofRule::missing(false, null, '2026-12-03'));
        self::assertSame('', ProofRule::missing(true, '2026-12-03', '2026-12-03'));
        self::assertStringContainsString('Wed 2 Dec 2026', ProofRule::missing(true, '2026-12-02', '2026-12-03'));
        self::assertStringContainsString('no proof', ProofRule::missing(true, null, '2026-12-03'));
    }
}
