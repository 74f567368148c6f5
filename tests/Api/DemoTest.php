<?php

/** The demo town as plain data: as many dogs and homes as it should have, each with a plan that reads and a history. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Demo\DemoDogs;
use KeenThistle\Demo\DemoTown;
use PHPUnit\Framework\TestCase;

final class DemoTest extends TestCase
{
    public function testSixtyDogsInFortyFiveHomesOverEighteenMonths(): void
    {
        $all = [...DemoDogs::all(), ...DemoTown::all()];
        self::assertCount(60, array_unique(array_column($all, 'name')));
        self::assertGreaterThanOrEqual(45, \count(array_unique(array_map(
            static fn (array $s): string => $s['owner'][0],
            $all,
        ))));
        $months = [];
        foreach (DemoTown::all() as $story) {
            $months[] = $story['visits'] * $story['every'];
            self::assertNotNull(CoatType::tryFrom($story['coat']));
            self::assertNotNull(Upkeep::tryFrom($story['upkeep'] ?? 'weekly'));
            foreach ($story['plan'] as $line) {
                [$zones, $how] = explode(':', $line, 2);
                foreach (explode(' ', $zones) as $zone) {
                    self::assertSame([], Notation::parse("$zone:$how")->faults, "$story[name]: $line");
                }
            }
        }
        self::assertGreaterThan(65, max([0, ...$months]), 'weeks');
        self::assertSame(DemoTown::all(), DemoTown::all(), 'the seed is fixed');
    }
}
