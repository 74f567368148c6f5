<?php

/** Whose day it is: an instant late in the evening, and those around both changes of the clock. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Uid\Uuid;

final class SalonDayTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> zone, instant, day, when it began in UTC */
    public static function instants(): iterable
    {
        yield 'nothing said' => ['UTC', '2026-05-04T23:30:00Z', '2026-05-04', '2026-05-04T00:00:00+00:00'];
        yield 'half past twelve at night' => [
            'Atlantic/Faroe', '2026-05-04T23:30:00Z', '2026-05-05', '2026-05-04T23:00:00+00:00',
        ];
        yield 'half past eleven the evening before' => [
            'Atlantic/Bermuda', '2026-05-05T02:30:00Z', '2026-05-04', '2026-05-04T03:00:00+00:00',
        ];
        $spring = ['2026-03-29', '2026-03-29T00:00:00+00:00'];
        $autumn = ['2026-10-25', '2026-10-24T23:00:00+00:00'];
        yield 'before the hour that is left out' => ['Atlantic/Faroe', '2026-03-29T00:59:59Z', ...$spring];
        yield 'after it' => ['Atlantic/Faroe', '2026-03-29T01:00:00Z', ...$spring];
        yield 'that day to its end' => ['Atlantic/Faroe', '2026-03-29T22:59:59Z', ...$spring];
        yield 'the hour that comes twice' => ['Atlantic/Faroe', '2026-10-25T01:00:00Z', ...$autumn];
        yield 'that day to its end, an hour longer' => ['Atlantic/Faroe', '2026-10-25T23:59:59Z', ...$autumn];
        yield 'leap day' => ['Atlantic/Faroe', '2028-02-29T00:00:00Z', '2028-02-29', '2028-02-29T00:00:00+00:00'];
    }

    #[DataProvider('instants')]
    public function testTheDayIsTheSalons(string $zone, string $instant, string $day, string $began): void
    {
        $actor = new Actor(Uuid::v7(), Uuid::v7(), 'tove', Role::Groomer, new \DateTimeZone($zone));
        $now = new \DateTimeImmutable($instant);
        self::assertSame($day.'T00:00:00+00:00', $actor->day($now)->format('c'));
        self::assertSame($began, $actor->dayBegan($now)->format('c'));
    }
}
