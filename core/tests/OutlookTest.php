<?php

/** A coat ahead of its time: what the curves say is what the rules of growth and mats say. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Interval\Facts;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Outlook\OutlookRule;
use KeenThistle\Core\Timing\ZoneMinutes;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\TestCase;

final class OutlookTest extends TestCase
{
    use TestTrait;

    public function testTheCurveIsTheGrowthRule(): void
    {
        $o = (new OutlookRule())->ahead(self::facts(CoatType::Curly, 17.0), 10);
        self::assertCount(21, $o->weeks);
        self::assertSame([17.0, 46.0], [$o->zones['back']['mm'][0], $o->zones['back']['mm'][20]]);
        // 2.9 mm/week with sd 0.725: four of five within 1.28 of them.
        self::assertSame([36.7, 55.3], [$o->zones['back']['low'][20], $o->zones['back']['high'][20]]);
        self::assertSame([4.4, 5.4], [round($o->clocks[0]->weeks, 1), round($o->clocks[1]->weeks, 1)]);
        self::assertGreaterThanOrEqual(12.0, $o->load[11]);
        self::assertLessThan(12.0, $o->load[10]);
    }

    public function testMatsComeWhereTheyWereFoundFirst(): void
    {
        $o = (new OutlookRule())->ahead(self::facts(CoatType::Curly, 17.0), 26, ['loin']);
        $mats = array_values(array_filter($o->mats, static fn (array $m): bool => 'loin' === $m['zone']));
        self::assertSame([1, 2, 3], array_column($mats, 'severity'));
        self::assertSame(5.5, $mats[1]['week'], 'the salon\'s limit');
        self::assertSame([], (new OutlookRule())->ahead(self::facts(CoatType::Smooth, 10.0), 26)->mats);
        self::assertSame(['chest'], array_values(array_unique(array_column((new OutlookRule())->ahead(self::facts(CoatType::Curly, 17.0), 6, [], ['chest', 'back'])->mats, 'zone'))));
    }

    public function testCurvesNeverFallAndTheBandHoldsThem(): void
    {
        $this->forAll(Generators::elements(CoatType::cases()), Generators::choose(1, 600), Generators::choose(1, 52))->then(static function (CoatType $coat, int $tenths, int $weeks): void {
            $o = (new OutlookRule())->ahead(self::facts($coat, $tenths / 10), $weeks);
            self::assertCount(2 * $weeks + 1, $o->load);
            foreach ($o->zones['back']['mm'] as $i => $mm) {
                self::assertGreaterThanOrEqual($o->zones['back']['low'][$i], $mm);
                self::assertLessThanOrEqual($o->zones['back']['high'][$i], $mm);
                self::assertGreaterThanOrEqual($o->zones['back']['mm'][max(0, $i - 1)], $mm);
                self::assertGreaterThanOrEqual($o->load[max(0, $i - 1)], $o->load[$i]);
            }
        });
    }

    public function testMinutesAreSharedOutByArea(): void
    {
        $methods = ['back' => Method::Guard, 'loin' => Method::Clip, 'chest' => Method::Scissor, 'belly' => Method::Leave];
        $minutes = ZoneMinutes::of($methods, ['clip' => 26.0, 'scissor' => 12.0, 'bath' => 30.0]);
        self::assertSame(['back' => 18.0, 'loin' => 8.0, 'chest' => 12.0], $minutes);
        $tools = ['back' => Tool::guard(Length::ofMillimetres(16), '10'), 'loin' => Tool::blade('10'), 'chest' => Tool::hand('scissor')];
        self::assertSame([10 => 26.0], ZoneMinutes::byBlade($minutes, $tools));
        self::assertSame([], ZoneMinutes::of([], ['clip' => 26.0]));
    }

    private static function facts(CoatType $coat, float $mm): Facts
    {
        return new Facts((new GrowthRule())->learn($coat), [new ZoneLeft(Zone::of('back'), Length::ofMillimetres($mm))]);
    }
}
