<?php

/** When a place is open: what was said holds, what was not said hinders nothing. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Timing\Opening;
use PHPUnit\Framework\TestCase;

final class OpeningTest extends TestCase
{
    use TestTrait;

    private const WEEK = [
        ['day' => 'mon', 'from' => '09:00', 'to' => '17:30'],
        ['day' => 'sat', 'from' => '09:00', 'to' => '13:00'],
    ];

    public function testHoursAndClosedDays(): void
    {
        $opening = new Opening(self::WEEK, [['from' => '2026-12-24', 'to' => '2026-12-28', 'why' => 'winter break']]);
        $opening->hold();
        $day = static fn (string $d): \DateTimeImmutable => new \DateTimeImmutable($d);
        self::assertSame('', $opening->whyNot($day('2026-11-30')));
        self::assertSame('not on Tuesdays', $opening->whyNot($day('2026-12-01')));
        self::assertSame('closed: winter break', $opening->whyNot($day('2026-12-28')));
        self::assertSame(['09:00', '13:00'], $opening->on($day('2026-11-28')));
        self::assertSame('', $opening->whyNotAt($day('2026-11-28'), '12:59'));
        self::assertSame('from 09:00 to 13:00 on Saturdays', $opening->whyNotAt($day('2026-11-28'), '13:00'));
    }

    public function testWhatIsWrongIsNamed(): void
    {
        foreach (
            [
                'hours[0].from' => [[['day' => 'mon', 'from' => '9', 'to' => '17:00']], []],
                'hours[0].to' => [[['day' => 'mon', 'from' => '17:00', 'to' => '09:00']], []],
                'hours[1].day' => [[self::WEEK[0], self::WEEK[0]], []],
                'closed[0].to' => [[], [['from' => '2026-12-24', 'to' => '2026-12-01', 'why' => '']]],
            ] as $field => [$hours, $closed]
        ) {
            try {
                (new Opening($hours, $closed))->hold();
                self::fail("$field passes");
            } catch (InvalidInput $e) {
                self::assertSame($field, $e->field);
            }
        }
    }

    public function testNothingSaidHindersNothingAndNoHourOutsideIsEverFree(): void
    {
        $this->forAll(Generators::choose(0, 400), Generators::choose(0, 1439))->then(
            static function (int $days, int $minutes): void {
                $day = (new \DateTimeImmutable('2026-01-01'))->modify("+$days days");
                $time = \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
                self::assertSame('', (new Opening())->whyNotAt($day, $time));
                $week = new Opening(self::WEEK);
                $hours = $week->on($day);
                $free = null !== $hours && $time >= $hours[0] && $time < $hours[1];
                self::assertSame($free, '' === $week->whyNotAt($day, $time));
            },
        );
    }

    public function testADayThatComesEveryYearComesFromThenOnAndOverTheEndOfTheYear(): void
    {
        $why = static fn (Opening $o, string $day): string => $o->whyNot(new \DateTimeImmutable($day));
        $turn = ['from' => '2026-12-29', 'to' => '2027-01-02', 'why' => 'turn of the year', 'yearly' => true];
        $o = new Opening([], [$turn, ['from' => '2026-05-01', 'to' => '2026-05-01', 'why' => '', 'yearly' => true]]);
        $o->hold();
        foreach (['2026-12-29', '2027-01-02', '2029-12-31', '2030-01-01'] as $day) {
            self::assertSame('closed: turn of the year', $why($o, $day), $day);
        }
        foreach (['2026-01-01', '2025-12-31', '2026-12-28', '2028-01-03', '2025-05-01'] as $day) {
            self::assertSame('', $why($o, $day), $day);
        }
        self::assertSame('closed', $why($o, '2031-05-01'));
        $this->expectExceptionMessage('must be less than a year later');
        (new Opening([], [['from' => '2026-01-02', 'to' => '2027-01-02', 'why' => '', 'yearly' => true]]))->hold();
    }

    public function testTheHourThatIsLeftOutInSpringIsNotOnTheClock(): void
    {
        $zone = new \DateTimeZone('Europe/Berlin');
        $on = static fn (string $day, string $time): string => Opening::onTheClock(
            new \DateTimeImmutable($day),
            $time,
            $zone,
        );
        self::assertSame('03:30', $on('2027-03-28', '02:30'));
        self::assertSame('03:00', $on('2027-03-28', '03:00'));
        self::assertSame('02:30', $on('2027-03-29', '02:30'));
        self::assertSame('02:30', $on('2027-10-31', '02:30'), 'there twice is there');
    }
}
