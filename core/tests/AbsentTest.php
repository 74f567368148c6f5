<?php

/** What a dog has not: whole parts of one side, every one of their zones a zone that there is. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Zone\Absent;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\TestCase;

final class AbsentTest extends TestCase
{
    public function testPartsAreZonesOfTheirSide(): void
    {
        self::assertSame([], Absent::zones([]));
        self::assertSame(['ear_outer_left', 'ear_inner_left', 'ear_feather_left'], Absent::zones(['left_ear']));
        $all = Absent::zones(Absent::PARTS);
        self::assertSame([], array_diff($all, ZoneTable::ids()));
        self::assertSame($all, array_values(array_unique($all)));
        foreach (Absent::PARTS as $part) {
            $side = explode('_', $part)[0];
            foreach (Absent::zones([$part]) as $zone) {
                self::assertStringEndsWith("_$side", $zone);
            }
        }
        self::assertNotContains('thigh_left', $all, 'what is left of a leg is groomed');
        self::assertNotContains('shoulder_right', $all);
    }
}
