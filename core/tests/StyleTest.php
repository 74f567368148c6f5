<?php

/** The vocabulary of styles: closed, named once, each for a group of zones and with a reason. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Style\StyleTable;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\TestCase;

final class StyleTest extends TestCase
{
    public function testEveryStyleHasAKindADrawingANameAndAReason(): void
    {
        $names = [];
        foreach (StyleTable::all() as $style) {
            self::assertArrayHasKey($style['kind'], StyleTable::KINDS);
            self::assertMatchesRegularExpression('/^[a-z_]+$/', $style['drawing']);
            self::assertNotSame('', $style['why']);
            self::assertArrayNotHasKey($style['name'], $names, 'one name, one style');
            $names[$style['name']] = true;
        }
        self::assertCount(\count($names), array_unique(StyleTable::drawings()));
    }

    public function testEveryKindBelongsToZonesThereAre(): void
    {
        $groups = [];
        foreach (ZoneTable::all() as $zone) {
            $groups[$zone->group] = true;
        }
        foreach (StyleTable::KINDS as $kind => $group) {
            self::assertArrayHasKey($group, $groups, $kind);
            self::assertNotSame([], StyleTable::names($group));
        }
        self::assertContains('bell', StyleTable::names('head'));
        self::assertNotContains('bell', StyleTable::names('tail'));
        self::assertSame([], StyleTable::names('body'));
    }
}
