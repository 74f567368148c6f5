<?php

/** What is said of a dog nobody knows yet. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Outlook\NotKnownYet;
use PHPUnit\Framework\TestCase;

final class NotKnownYetTest extends TestCase
{
    public function testANewDogIsAllUnknownAndEachThingLearnedGoesFromTheList(): void
    {
        $what = static fn (int $planned, int $visits, ?float $kg, bool $age): array => array_column(
            NotKnownYet::of('Teasel', $planned, $visits, $kg, $age),
            'what',
        );

        self::assertSame(['plan', 'visits', 'weight', 'age'], $what(0, 0, null, false));
        self::assertSame(['visits', 'weight', 'age'], $what(1, 0, null, false));
        self::assertSame(['plan', 'weight', 'age'], $what(0, 1, null, false));
        self::assertSame(['plan', 'visits', 'age'], $what(0, 0, 0.4, false));
        self::assertSame([], $what(1, 1, 9.0, true));
        self::assertStringStartsWith(
            'Teasel has not been here',
            NotKnownYet::of('Teasel', 1, 0, 9.0, true)[0]['words'],
        );
    }
}
