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
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Outlook\Compare;
use KeenThistle\Core\Outlook\OutlookRule;
use KeenThistle\Core\Outlook\ZoneThen;
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
        self::assertSame(
            ['chest'],
            array_values(
                array_unique(
                    array_column(
                        (new OutlookRule())->ahead(self::facts(CoatType::Curly, 17.0), 6, [], ['chest', 'back'])->mats,
                        'zone',
                    ),
                ),
            ),
        );
    }

    public function testCurvesNeverFallAndTheBandHoldsThem(): void
    {
        $this->forAll(
            Generators::elements(CoatType::cases()),
            Generators::choose(1, 600),
            Generators::choose(1, 52),
        )->then(static function (CoatType $coat, int $tenths, int $weeks): void {
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

    public function testTwoMomentsAreHeldAgainstEachOther(): void
    {
        $mm = Length::ofMillimetres(...);
        $then = [
            'back' => new ZoneThen(
                $mm(17),
                '16 mm guard over 10',
                Lay::With,
                state: 'done',
                minutes: 18.0,
                who: 'Tove',
            ),
            'loin' => new ZoneThen($mm(17), '16 mm guard over 10', Lay::With, state: 'done'),
            'rump' => new ZoneThen($mm(30), 'scissors', state: 'done'),
        ];
        $now = [
            'back' => new ZoneThen(
                $mm(12),
                '16 mm guard over 30',
                Lay::Against,
                state: 'done',
                minutes: 12.4,
                who: 'Pell',
                why: 'the 10 was away',
            ),
            'loin' => new ZoneThen($mm(17.4), '16 mm guard over 10', Lay::With, state: 'done'),
            'chest' => new ZoneThen($mm(3.2), '7F blade', Lay::With, state: 'deferred'),
        ];
        $out = Compare::zones($then, $now);
        self::assertSame(
            ['back', 'chest', 'rump'],
            array_column($out, 'zone'),
            'the largest difference first; 0.4 mm is none',
        );
        self::assertSame(['tool', 'length', 'lay', 'minutes', 'who'], array_column($out[0]['changes'], 'of'));
        self::assertSame(
            [-5.0, 'the 10 was away', '18', '12.4'],
            [$out[0]['mm'], $out[0]['why'], $out[0]['changes'][3]['was'], $out[0]['changes'][3]['is']],
        );
        self::assertSame(['of' => 'tool', 'was' => 'none', 'is' => '7F blade'], $out[1]['changes'][0]);
        self::assertNull($out[2]['mm']);
    }

    public function testWhatOnlyGrewIsComparedByItsLength(): void
    {
        $then = [
            'back' => new ZoneThen(
                Length::ofMillimetres(17),
                '16 mm guard over 10',
                Lay::With,
                shape: 'columned',
                state: 'done',
                who: 'Tove',
            ),
        ];
        $out = Compare::zones($then, ['back' => new ZoneThen(Length::ofMillimetres(34), state: ZoneThen::CARRIED)]);
        self::assertSame([['of' => 'length', 'was' => '17 mm', 'is' => '34 mm']], $out[0]['changes']);
        self::assertSame(
            [],
            Compare::zones($then, ['back' => new ZoneThen(Length::ofMillimetres(17.3), state: ZoneThen::CARRIED)]),
        );
    }

    public function testNothingDiffersFromItself(): void
    {
        $this->forAll(
            Generators::choose(1, 600),
            Generators::elements('7F blade', 'scissors', ''),
            Generators::elements('done', 'deferred', ZoneThen::CARRIED),
        )->then(static function (int $tenths, string $tool, string $state): void {
            $zone = ['back' => new ZoneThen(Length::ofMillimetres($tenths / 10), $tool, state: $state, minutes: 3.0)];
            self::assertSame([], Compare::zones($zone, $zone));
        });
    }

    public function testFromTodayOnTheLoadAndTheClocksCountFromTheGroom(): void
    {
        $facts = self::facts(CoatType::Curly, 17.0);
        $whole = (new OutlookRule())->ahead($facts, 10);
        $today = (new OutlookRule())->ahead(
            $facts,
            8,
            elapsed: 2.0,
            carried: [new ZoneLeft(Zone::of('back'), Length::ofMillimetres(22.8))],
        );
        self::assertSame(\array_slice($whole->load, 4), $today->load);
        self::assertSame($whole->zones['back']['mm'][10], $today->zones['back']['mm'][6]);
        self::assertEqualsWithDelta($whole->clocks[0]->weeks - 2, $today->clocks[0]->weeks, 1e-9);
    }

    public function testMinutesAreSharedOutByArea(): void
    {
        $methods = [
            'back' => Method::Guard,
            'loin' => Method::Clip,
            'chest' => Method::Scissor,
            'belly' => Method::Leave,
        ];
        $minutes = ZoneMinutes::of($methods, ['clip' => 26.0, 'scissor' => 12.0, 'bath' => 30.0]);
        self::assertSame(['back' => 18.0, 'loin' => 8.0, 'chest' => 12.0], $minutes);
        $tools = [
            'back' => Tool::guard(Length::ofMillimetres(16), '10'),
            'loin' => Tool::blade('10'),
            'chest' => Tool::hand('scissor'),
        ];
        self::assertSame([10 => 26.0], ZoneMinutes::byBlade($minutes, $tools));
        self::assertSame([], ZoneMinutes::of([], ['clip' => 26.0]));
    }

    private static function facts(CoatType $coat, float $mm): Facts
    {
        return new Facts((new GrowthRule())->learn($coat), [
            new ZoneLeft(Zone::of('back'), Length::ofMillimetres($mm)),
        ]);
    }
}
