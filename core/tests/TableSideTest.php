<?php

/** The small rules used at the table: heat, nails, level ears, balance, neckwear. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Balance\BalanceRule;
use KeenThistle\Core\Balance\EarLevel;
use KeenThistle\Core\Heat\HeatRule;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Nails\Claw;
use KeenThistle\Core\Nails\ClawList;
use KeenThistle\Core\Nails\NailsRule;
use KeenThistle\Core\Neckwear\NeckwearRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TableSideTest extends TestCase
{
    use TestTrait;

    public function testSecondsBetweenTouches(): void
    {
        $rule = new HeatRule();
        foreach (
            [
                'toe' => 90,
                '50' => 90,
                '40' => 90,
                '30' => 90,
                '15' => 120,
                '10' => 120,
                '9' => 180,
                '7F' => 180,
                '5' => 180,
                '3.75F' => 180,
            ] as $blade => $seconds
        ) {
            self::assertSame($seconds, $rule->every((string) $blade), (string) $blade);
        }
        $this->expectException(InvalidInput::class);
        $rule->every('11');
    }

    public function testOnlyClippingHeats(): void
    {
        $rule = new HeatRule();
        $a = $rule->now('10', [['from' => 0.0, 'to' => 60.0], ['from' => 300.0, 'to' => 340.0]], null, 400.0, null, 0);
        self::assertSame(['ok', 100.0, 20.0], [$a->level, $a->ran, $a->left]);
        self::assertSame('check', $rule->now('10', [['from' => 0.0, 'to' => 130.0]], null, 130.0, null, 0)->level);
        $b = $rule->now('10', [['from' => 0.0, 'to' => 130.0]], 100.0, 130.0, null, 0);
        self::assertSame(['ok', 30.0], [$b->level, $b->ran], 'what ran before it was felt does not count');
        self::assertSame(
            50.0,
            $rule->now('10', [['from' => 0.0, 'to' => 86_400.0]], null, 50.0, null, 0)->ran,
            'a clipper still running counts up to now',
        );
    }

    /** @return iterable<string, array{float, int, string, string}> */
    public static function readings(): iterable
    {
        yield 'cool' => [37.9, 1, 'ok', ''];
        yield 'warm' => [38.0, 1, 'warn', 'cool one of the same size'];
        yield 'warm, no other' => [41.9, 0, 'warn', 'cold metal'];
        yield 'hot' => [42.0, 2, 'stop', 'Feel the skin'];
    }

    #[DataProvider('readings')]
    public function testReadings(float $celsius, int $spares, string $level, string $says): void
    {
        $a = (new HeatRule())->now('30', [], null, 10.0, $celsius, $spares);
        self::assertSame($level, $a->level);
        self::assertStringContainsString($says, $a->cautions[0]->message ?? '');
        self::assertSame($spares > 0, null !== $a->rotation);
    }

    public function testHeatNeverForgetsAndNeverRunsBackwards(): void
    {
        $this->limitTo(200);
        $this->forAll(
            Generators::vector(5, Generators::choose(0, 900)),
            Generators::choose(0, 1000),
            Generators::choose(0, 1000),
        )->then(static function (array $times, int $now, int $checked): void {
            $spans = [];
            foreach ($times as $t) {
                \assert(\is_int($t));
                $spans[] = ['from' => (float) $t, 'to' => (float) $t + 50];
            }
            $rule = new HeatRule();
            $a = $rule->now('7F', $spans, (float) min($checked, $now), (float) $now, null, 0);
            self::assertGreaterThanOrEqual(0.0, $a->ran);
            self::assertGreaterThanOrEqual($a->ran, $rule->now('7F', $spans, null, (float) $now, null, 0)->ran);
            self::assertGreaterThanOrEqual(
                $a->ran,
                $rule->now('7F', $spans, (float) min($checked, $now), $now + 100.0, null, 0)->ran,
            );
        });
    }

    private static function claw(string $state, bool $dark = false, bool $dew = false, float $over = 0.0): Claw
    {
        return new Claw('front_left', 1, $dew, $state, $dark, $over);
    }

    public function testWhatIsDoneWithAClaw(): void
    {
        $today = new \DateTimeImmutable('2026-11-25');
        foreach (
            [
                ['fine', false, false, 'leave'],
                ['fine', false, true, 'tip'],
                ['long', false, false, 'tip'],
                ['long', true, false, 'tiny_cuts'],
                ['quick_near', false, false, 'tiny_cuts'],
                ['cracked', false, false, 'grind_only'],
                ['torn', true, false, 'refer'],
                ['missing', false, true, 'leave'],
                ['fine', true, true, 'leave'],
                ['not_seen', false, false, 'look'],
            ] as [$state, $dark, $dew, $action]
        ) {
            $a = (new NailsRule())->today([self::claw($state, $dark, $dew)], Ground::Mixed, $today);
            self::assertSame($action, $a->claws[0]['action'], "$state dark ".var_export($dark, true));
        }
    }

    public function testNextDatesAndTheOftenAndLittlePlan(): void
    {
        $today = new \DateTimeImmutable('2026-11-25');
        $easy = (new NailsRule())->today([self::claw('fine'), self::claw('fine', dew: true)], Ground::Soft, $today);
        self::assertSame(['2026-12-23', '2026-12-23', null], [$easy->next, $easy->nextDewclaws, $easy->plan]);
        self::assertSame('2027-01-13', (new NailsRule())->today([self::claw('fine')], Ground::Hard, $today)->next);
        $long = (new NailsRule())->today(
            [self::claw('quick_near', over: 3.2), self::claw('long')],
            Ground::Hard,
            $today,
        );
        self::assertSame('2026-12-05', $long->next);
        self::assertSame(
            ['kind' => 'nails', 'visits' => 4, 'every_days' => 10, 'next_on' => '2026-12-05', 'until' => '2027-01-04'],
            $long->plan,
        );
        $dew = (new NailsRule())->today(
            [self::claw('fine'), self::claw('quick_near', dew: true)],
            Ground::Hard,
            $today,
        );
        self::assertSame('2026-12-05', $dew->nextDewclaws, 'a dewclaw has a quick of its own');
        self::assertStringContainsString('styptic', $long->cautions[0]->message);
        $fragile = (new NailsRule())->today([self::claw('long'), self::claw('torn')], Ground::Hard, $today, true);
        self::assertSame([true, false], array_column($fragile->claws, 'smooth'));
        self::assertStringContainsString('vet', $fragile->cautions[0]->message);
    }

    public function testNotLookedAtIsNotFine(): void
    {
        $a = (new NailsRule())->today(
            ClawList::of(['front_left' => ['fine', 'fine', 'fine', 'fine']], 0),
            Ground::Mixed,
            new \DateTimeImmutable('2026-11-25'),
        );
        self::assertSame(12, $a->notSeen);
        self::assertSame('not_seen', $a->cautions[0]->code);
        self::assertCount(4, array_keys(array_column($a->claws, 'action'), 'leave', true));
    }

    public function testWhatAClawComesTo(): void
    {
        $claw = static fn (?string $quick, bool $floor, float $over = 0.0): string => (new Claw(
            'front_left',
            1,
            false,
            'fine',
            false,
            $over,
            $quick,
            false,
            $floor,
        ))->effective();
        self::assertSame(
            ['fine', 'long', 'long', 'cracked', 'quick_near'],
            [
                $claw('visible', false),
                $claw('visible', true),
                $claw(null, false, 1.0),
                $claw('cracked', true),
                $claw('stopped_early', false),
            ],
        );
    }

    /**
     * @param array<string, string> $seen
     * @param array<string, float> $ratios
     *
     * @return list<mixed>
     */
    private static function codes(array $seen, array $ratios = []): array
    {
        return array_column((array) (new BalanceRule())->suggest($ratios, false, $seen)['suggestions'], 'code');
    }

    public function testWhatIsSeenOutranksTheTape(): void
    {
        self::assertSame(['short_ear', 'long_back'], self::codes(['ear' => 'above', 'back' => 'long']));
        self::assertSame([], self::codes(['ear' => 'at', 'leg' => 'medium']));
        self::assertSame([], self::codes(['ear' => 'at'], ['ear_to_nose' => 0.5]), 'one point, one word');
        self::assertSame(['heavy_muzzle', 'short_neck'], self::codes(['muzzle' => 'heavy'], ['neck_to_back' => 0.2]));
        self::assertSame([], (new BalanceRule())->suggest([], true, ['leg' => 'low'])['suggestions']);
        foreach (BalanceRule::points() as $point => $sides) {
            foreach ($sides as $side) {
                self::assertLessThanOrEqual(1, \count(self::codes([$point => $side])));
            }
        }
    }

    public function testTheSchoolOfMeasuringEarsEqual(): void
    {
        $a = (new EarLevel())->below(12, 90, 84, 10, true);
        self::assertSame(
            [10.0, 16.0, 0.0, -12.0],
            [$a['left_hair_mm'], $a['right_hair_mm'], $a['measured_difference_mm'], $a['apparent_difference_mm']],
        );
    }

    public function testTheHigherEarKeepsItsHairLongerByTheDifference(): void
    {
        $a = (new EarLevel())->below(12, 90, 90, 10);
        self::assertSame(
            [22.0, 10.0, 12.0, 0.0, -12.0],
            [
                $a['left_hair_mm'],
                $a['right_hair_mm'],
                $a['measured_difference_mm'],
                $a['apparent_difference_mm'],
                $a['untrimmed_difference_mm'],
            ],
        );
        self::assertSame(
            [10.0, 10.0],
            [
                (new EarLevel())->below(0, 90, 90, 10)['left_hair_mm'],
                (new EarLevel())->below(0, 90, 90, 10)['right_hair_mm'],
            ],
        );
    }

    public function testEdgesAlwaysLookLevelAndLeatherIsNeverCut(): void
    {
        $this->limitTo(300);
        $this->forAll(
            Generators::choose(-800, 800),
            Generators::choose(100, 2000),
            Generators::choose(100, 2000),
            Generators::choose(0, 300),
        )->then(static function (int $set, int $left, int $right, int $shortest): void {
            $a = (new EarLevel())->below($set / 10, $left / 10, $right / 10, $shortest / 10);
            self::assertIsFloat($a['left_hair_mm']);
            self::assertIsFloat($a['right_hair_mm']);
            self::assertEqualsWithDelta(0.0, $a['apparent_difference_mm'], 1e-6);
            self::assertGreaterThanOrEqual($shortest / 10 - 1e-9, $a['left_hair_mm']);
            self::assertGreaterThanOrEqual($shortest / 10 - 1e-9, $a['right_hair_mm']);
            self::assertEqualsWithDelta(
                $shortest / 10,
                min($a['left_hair_mm'], $a['right_hair_mm']),
                1e-6,
                'no longer than it has to be',
            );
        });
    }

    /** @return iterable<string, array{string, float, string|null}> */
    public static function proportions(): iterable
    {
        yield 'short ear' => ['ear_to_nose', 0.7, 'short_ear'];
        yield 'ear that fits' => ['ear_to_nose', 1.0, null];
        yield 'long ear' => ['ear_to_nose', 1.3, 'long_ear'];
        yield 'short neck' => ['neck_to_back', 0.25, 'short_neck'];
        yield 'short leg' => ['leg_to_chest', 0.8, 'short_leg'];
        yield 'long leg' => ['leg_to_chest', 1.5, 'long_leg'];
        yield 'heavy muzzle' => ['muzzle_to_skull', 1.3, 'heavy_muzzle'];
        yield 'long back' => ['back_to_height', 1.3, 'long_back'];
        yield 'square' => ['back_to_height', 1.0, null];
    }

    #[DataProvider('proportions')]
    public function testSuggestionsFollowTheMeasure(string $ratio, float $value, ?string $code): void
    {
        $a = (new BalanceRule())->suggest([$ratio => $value], false);
        self::assertIsArray($a['suggestions']);
        self::assertSame(null === $code ? [] : [$code], array_column($a['suggestions'], 'code'));
        $silent = (new BalanceRule())->suggest([$ratio => $value], true);
        self::assertSame([], $silent['suggestions']);
        self::assertIsString($silent['silent']);
    }

    public function testNeckwear(): void
    {
        $a = (new NeckwearRule())->sizes(320, 11, 10);
        self::assertSame(
            [350.0, 720.0, 55, 20, 55],
            [$a['finished_mm'], $a['fabric_mm'], $a['tube_width_mm'], $a['band_width_mm'], $a['bow_width_mm']],
        );
        $width = static fn (float $kg): mixed => (new NeckwearRule())->sizes(300, $kg, 10)['tube_width_mm'];
        $widths = array_map($width, [3.0, 5.0, 5.1, 12.0, 25.0, 26.0, 90.0]);
        self::assertSame([40, 40, 55, 55, 70, 85, 85], $widths);
        self::assertIsArray($a['warnings']);
        self::assertSame(['breakaway', 'never_alone'], array_column($a['warnings'], 'code'));
    }
}
