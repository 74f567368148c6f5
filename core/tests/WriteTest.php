<?php

/** Whether a message goes out: never about a dog that is gone, never in quiet hours, at once about one that is here. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Care\WriteRule;
use KeenThistle\Core\Handling\State;
use PHPUnit\Framework\TestCase;

final class WriteTest extends TestCase
{
    use TestTrait;

    public function testQuietHoursOverMidnightEndInTheMorning(): void
    {
        $at = static fn (string $time): ?string => WriteRule::after(
            '21:00',
            '08:00',
            new \DateTimeImmutable("2026-11-28 $time"),
        )?->format('d H:i');
        self::assertSame('29 08:00', $at('21:00'));
        self::assertSame('29 08:00', $at('23:59'));
        self::assertSame('28 08:00', $at('07:59'));
        self::assertNull($at('08:00'));
        self::assertNull($at('20:59'));
        self::assertNull(WriteRule::after('', '', new \DateTimeImmutable('2026-11-28 03:00')));
    }

    public function testTheWordOfAnOwnerAndTheStateOfADogComeFirst(): void
    {
        $night = new \DateTimeImmutable('2026-11-28 23:00');
        $of = static fn (State $s, string $consent, string $kind): WriteRule => WriteRule::of(
            $s,
            $consent,
            $kind,
            '21:00',
            '08:00',
            $night,
        );
        self::assertNotSame('', $of(State::PassedAway, 'yes', 'ready')->stopped);
        self::assertNotSame('', $of(State::Moved, 'yes', 'reminder')->stopped);
        self::assertStringContainsString('call', $of(State::Coming, 'no', 'ready')->stopped);
        $here = $of(State::Coming, 'unasked', 'question');
        self::assertSame(['', null], [$here->stopped, $here->notBefore]);
        self::assertSame('29 08:00', $of(State::Paused, 'yes', 'reminder')->notBefore?->format('d H:i'));
        self::assertSame([], State::Coming->stops());
        foreach ([State::Paused, State::Moved, State::PassedAway] as $state) {
            self::assertNotSame([], $state->stops());
            self::assertFalse($state->isBooked());
        }
    }

    public function testNothingEverWaitsIntoQuietHoursNorLongerThanADay(): void
    {
        $time = static fn (int $minutes): string => \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
        $this->forAll(Generators::choose(0, 1439), Generators::choose(0, 1439), Generators::choose(0, 1439))->then(
            static function (int $from, int $to, int $is) use ($time): void {
                $now = new \DateTimeImmutable('2026-06-10 '.$time($is));
                $end = WriteRule::after($time($from), $time($to), $now);
                if (null === $end) {
                    return;
                }
                self::assertNull(WriteRule::after($time($from), $time($to), $end));
                self::assertGreaterThan($now, $end);
                self::assertLessThanOrEqual($now->modify('+1 day'), $end);
            },
        );
    }
}
