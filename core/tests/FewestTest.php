<?php

/** The fewest tools and the fewest minutes: never more than any other choice needs. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Interval\Facts;
use KeenThistle\Core\Interval\ShapeClock;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Kit\SmallestKit;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Stretch\StretchRule;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\TestCase;

final class FewestTest extends TestCase
{
    use TestTrait;

    private const TOOLS = ['10', '30', '7F', '5F', '4F', 16, 13, 22];

    /** @return list<KitTool> */
    private static function tools(int $bits): array
    {
        $out = [];
        foreach (self::TOOLS as $i => $tool) {
            if (0 !== ($bits & (1 << $i))) {
                $out[] = \is_int($tool) ? KitTool::guard(Length::ofMillimetres($tool)) : KitTool::blade($tool);
            }
        }

        return $out;
    }

    /** @return array{zone: string, target: Length, dog: string} */
    private static function target(float $mm, string $dog = 'a'): array
    {
        return ['zone' => 'back', 'target' => Length::ofMillimetres($mm), 'dog' => $dog];
    }

    public function testAGuardBringsItsBaseAndABladeServesTwice(): void
    {
        $found = (new SmallestKit(self::tools(255)))->of([self::target(17), self::target(1.5), self::target(400)]);
        self::assertSame(
            [['kind' => 'blade', 'label' => '10'], ['kind' => 'guard', 'mm' => 16.0]],
            array_map(static fn (KitTool $t): array => $t->toArray(), $found['kit']),
        );
        self::assertSame([2], $found['unreachable']);
        self::assertNull($found['addition'], 'nothing that is usual makes 400 mm');
        self::assertSame('10', $found['spares'][0]['tool']->blade);
    }

    public function testTheToolThatBringsMostIntoReachIsNamed(): void
    {
        $found = (new SmallestKit([KitTool::blade('10')]))->of([self::target(25), self::target(26), self::target(3.2)]);
        self::assertSame([0, 1, 2], $found['unreachable']);
        self::assertSame([0, 1], $found['addition']['targets'] ?? null);
        self::assertSame(['kind' => 'guard', 'mm' => 25.0], $found['addition']['tool']->toArray() ?? null);
    }

    public function testNoKitIsSmaller(): void
    {
        $this->limitTo(40)
            ->forAll(
                Generators::choose(0, 255),
                Generators::tuple(
                    Generators::choose(1, 25),
                    Generators::choose(1, 25),
                    Generators::choose(1, 25),
                    Generators::choose(1, 25),
                ),
            )
            ->then(static function (int $bits, array $lengths): void {
                /** @var array<int> $lengths */
                $targets = array_map(static fn (int $mm): array => self::target($mm), array_values($lengths));
                $found = (new SmallestKit(self::tools($bits)))->of($targets);
                $wanted = array_diff_key($targets, array_flip($found['unreachable']));
                self::assertTrue(self::makesAll($found['kit'], $wanted));
                foreach ($found['unreachable'] as $i) {
                    self::assertFalse(self::makesAll(self::tools($bits), [$targets[$i]]));
                }
                for ($other = $bits; $other > 0; $other = ($other - 1) & $bits) {
                    $kit = self::tools($other);
                    if (\count($kit) < \count($found['kit'])) {
                        self::assertFalse(self::makesAll($kit, $wanted), 'fewer would do');
                    }
                }
            });
    }

    /**
     * @param list<KitTool> $kit
     * @param array<int, array{zone: string, target: Length, dog: string}> $targets
     */
    private static function makesAll(array $kit, array $targets): bool
    {
        foreach ($targets as $t) {
            $made = false;
            foreach ((new KitMatch($kit))->recipes([Lay::With]) as $recipe) {
                $finished = (new LengthRule())->planned($recipe)->finished;
                $made = $made || (null !== $finished && SmallestKit::makes($finished, $t['target']));
            }
            if (!$made) {
                return false;
            }
        }

        return true;
    }

    public function testManyToolsAndManyLengthsAreNoMatter(): void
    {
        $labels = ['50', '40', '30', '15', '10', '9', '8.5', '7F', '6F', '5F', '4F', '3F'];
        $tools = array_map(KitTool::blade(...), $labels);
        for ($mm = 3; \count($tools) < SmallestKit::MOST; ++$mm) {
            $tools[] = KitTool::guard(Length::ofMillimetres($mm));
        }
        $targets = [];
        for ($tenths = 3; $tenths < 320; $tenths += 3) {
            $targets[] = self::target($tenths / 10, "dog $tenths");
        }
        $found = (new SmallestKit($tools))->of($targets);
        self::assertSame([], $found['unreachable']);
        self::assertTrue(self::makesAll($found['kit'], $targets));
    }

    /** @param array<string, int> $mm by zone */
    private static function facts(array $mm): Facts
    {
        $zones = [];
        foreach ($mm as $id => $length) {
            $zones[] = new ZoneLeft(Zone::of($id), Length::ofMillimetres($length));
        }

        return new Facts((new GrowthRule())->learn(CoatType::Corded), $zones);
    }

    public function testATidyOfTheShortPartsMovesTheWholeGroom(): void
    {
        $facts = self::facts(['back' => 25, 'skull' => 10, 'beard' => 10, 'muzzle' => 10]);
        $answer = (new StretchRule())->answer($facts, ['skull' => 4.0, 'beard' => 3.0, 'muzzle' => 3.0], 25.0);
        self::assertSame(['weeks_before' => 7.5], array_intersect_key($answer, ['weeks_before' => 0]));
        self::assertSame(9.4, $answer['weeks_after']);
        // Any two of them come to less than a fifth that is left: the cheapest that does.
        self::assertLessThanOrEqual(7.0, $answer['minutes']);
        $none = (new StretchRule())->answer($facts, [], 25.0);
        self::assertSame([[], 0.0, 7.5], [$none['zones'], $none['minutes'], $none['weeks_after']]);
    }

    public function testNoOtherChoiceMovesItFurtherOrForLess(): void
    {
        $ids = ['back', 'skull', 'ribs_left', 'chest', 'rump', 'beard'];
        $length = Generators::choose(3, 30);
        $minute = Generators::elements(1.0, 2.5, 4.0, 9.0);
        $this->limitTo(60)
            ->forAll(
                Generators::tuple($length, $length, $length, $length, $length, $length),
                Generators::tuple($minute, $minute, $minute, $minute, $minute, $minute),
                Generators::elements(0.0, 3.0, 8.0, 14.0, 60.0),
            )
            ->then(static function (array $lengths, array $each, float $budget) use ($ids): void {
                /** @var list<int> $lengths
                 * @var list<float> $each */
                $facts = self::facts(array_combine($ids, $lengths));
                $minutes = array_combine($ids, $each);
                $answer = (new StretchRule())->answer($facts, $minutes, $budget);
                $best = null;
                for ($bits = 0; $bits < 64; ++$bits) {
                    $is = static fn (int $i): bool => 0 !== ($bits & (1 << $i));
                    $touched = array_values(array_filter($ids, $is, \ARRAY_FILTER_USE_KEY));
                    $takes = array_sum(array_intersect_key($minutes, array_flip($touched)));
                    $weeks = round(self::dueWithout($facts, $touched), 1);
                    if ($takes <= $budget && (null === $best || [-$weeks, $takes] < $best)) {
                        $best = [-$weeks, $takes];
                    }
                }
                self::assertSame($best[0] ?? null, -(float) $answer['weeks_after']);
                self::assertEqualsWithDelta($best[1] ?? null, $answer['minutes'], 1e-6);
                self::assertLessThanOrEqual($budget, $answer['minutes']);
            });
    }

    /** @param list<string> $touched */
    private static function dueWithout(Facts $facts, array $touched): float
    {
        ['area' => $area, 'due' => $due] = (new ShapeClock())->due($facts);
        $sum = 0;
        foreach ($due as [$weeks, $z]) {
            $sum += \in_array($z->zone->id, $touched, true) ? 0 : $z->zone->hundredths;
            if ($sum >= 0.2 * $area - 1e-9) {
                return min(26.0, $weeks);
            }
        }

        return 26.0;
    }
}
