<?php

/** What a dog takes of the van, how warm it may be in it, and what an owner reads of another time. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Round\CheckInRule;
use KeenThistle\Core\Round\Clock;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Core\Round\TakesRule;
use KeenThistle\Core\Round\VanHeatRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VanTest extends TestCase
{
    use TestTrait;

    public function testWhatIsWashedTakesWaterAndWhatIsNotOnlyHands(): void
    {
        $bath = ['bath' => 15.0, 'dry' => 20.5, 'clip' => 30.0];
        // 0.101 × 10^(2/3) m² × 0.8 l/m² × 46 + 2
        self::assertSame(20.0, TakesRule::litres(10.0, CoatType::Curly, $bath));
        self::assertSame(2.0, TakesRule::litres(10.0, CoatType::Curly, ['clip' => 30.0]));
        self::assertSame(
            TakesRule::litres(20.0, CoatType::LongDouble, $bath),
            TakesRule::litres(null, CoatType::LongDouble, $bath),
        );
        self::assertSame(36.0, TakesRule::powerMinutes($bath));
        self::assertSame(0.0, TakesRule::powerMinutes(['clip' => 30.0]));
    }

    public function testWhoIsNotHeardOfIsCalledPastTheEndOfTheDogAndNoSooner(): void
    {
        $at = static fn (string $time): \DateTimeImmutable => new \DateTimeImmutable("2026-05-04 $time UTC");
        // Heard at ten, the dog done by eleven: half an hour past that, to the minute.
        self::assertFalse(CheckInRule::isMissed($at('10:00'), $at('11:00'), $at('11:30')));
        self::assertTrue(CheckInRule::isMissed($at('10:00'), $at('11:00'), $at('11:31')));
        // A tap after that is a sign of its own.
        self::assertFalse(CheckInRule::isMissed($at('11:20'), $at('11:00'), $at('11:50')));
        self::assertTrue(CheckInRule::isMissed($at('11:20'), $at('11:00'), $at('11:51')));
        self::assertStringContainsString('since 14:05', CheckInRule::words('Idris', 'Tansy', '14:05'));
    }

    public function testALargerDogNeverTakesLess(): void
    {
        $coats = Generators::elements(...CoatType::cases());
        $this->forAll(Generators::choose(5, 900), Generators::choose(0, 300), $coats)
            ->then(static function (int $tenths, int $more, CoatType $coat): void {
                $less = TakesRule::litres($tenths / 10, $coat, ['bath' => 10.0]);
                $larger = TakesRule::litres(($tenths + $more) / 10, $coat, ['bath' => 10.0]);
                self::assertGreaterThanOrEqual($less, $larger);
                self::assertGreaterThan(TakesRule::HANDS, $less);
            });
    }

    /** @return iterable<string, array{float|null, string|null, bool}> °C, level, whether a dryer may run */
    public static function heats(): iterable
    {
        yield 'fine' => [21.0, null, true];
        yield 'cold' => [9.9, 'caution', true];
        yield 'warm' => [26.0, 'caution', true];
        yield 'hot' => [30.0, 'danger', false];
        yield 'not known is not fine' => [null, 'caution', true];
        yield 'no number' => [\NAN, 'caution', true];
    }

    #[DataProvider('heats')]
    public function testHeatWarnsAndStopsDrying(?float $celsius, ?string $level, bool $dries): void
    {
        self::assertSame($level, VanHeatRule::caution($celsius)?->level);
        self::assertSame($dries, VanHeatRule::dries($celsius));
    }

    public function testOwnersHearOfWhatIsAnotherTime(): void
    {
        self::assertFalse(RoundWords::isWorthSaying(540, 585, 594));
        self::assertTrue(RoundWords::isWorthSaying(540, 585, 595));
        self::assertTrue(RoundWords::isWorthSaying(540, 585, 530));
        self::assertSame([540, 545], [RoundWords::said(540), RoundWords::said(541)]);
        $dogs = ['Osric', 'Tansy', 'Marl'];
        self::assertSame(
            'Running late: we are with Osric, Tansy and Marl at about 10:05 today, not at 09:30. '.
                'We are sorry for the wait.',
            RoundWords::message($dogs, 570, 605, null),
        );
        self::assertStringContainsString('sooner', RoundWords::message(['Osric'], 605, 570, null));
        self::assertStringContainsString(
            'to Osric on Tue 7 May 2024 at about 09:30, not at 10:05',
            RoundWords::message(['Osric'], 605, 570, new \DateTimeImmutable('2024-05-07')),
        );
        self::assertSame(605, Clock::minutes(Clock::time(605)));
    }
}
