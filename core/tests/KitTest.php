<?php

/** The same length from another kit, and how two lengths meet. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Blend\BlendRule;
use KeenThistle\Core\Blend\Side;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Kit\Option;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KitTest extends TestCase
{
    use TestTrait;

    /** @param list<float> $guards */
    private static function kit(array $guards, string ...$blades): KitMatch
    {
        return new KitMatch([
            ...array_map(static fn (float $mm): KitTool => KitTool::guard(Length::ofMillimetres($mm)), $guards),
            ...array_map(KitTool::blade(...), array_values($blades)),
        ]);
    }

    public function testWorkedExample(): void
    {
        $options = self::kit([16], '10', '30', '4F')->options(Length::ofMillimetres(17));
        self::assertSame(
            ['guard:16000:10', 'guard:16000:30', 'blade:4F', 'blade:10', 'blade:30'],
            array_map(static fn (Option $o): string => $o->recipe->tool->key(), $options),
        );
        self::assertSame(
            [17.0, 0.0, true],
            [
                $options[0]->finished->rounded(),
                $options[0]->finished->minusRounded(Length::ofMillimetres(17)),
                $options[0]->close,
            ],
        );
        self::assertSame([-1.0, true], [$options[1]->toArray()['difference_mm'], $options[1]->close]);
        self::assertFalse($options[2]->close);
    }

    public function testTiesGoWithTheLayThenOverTenThenByToolChanges(): void
    {
        // 3.2 mm: the 7F with the lay, and 1.6·2: nothing else exact. 7 and 7F tie in length; the hand holds the 7.
        $options = self::kit([], '7F', '7')->options(Length::ofMillimetres(3.2), [Lay::With], Tool::blade('7'));
        self::assertSame('7', $options[0]->recipe->tool->label);
        self::assertSame([0, 1], [$options[0]->toolChanges, $options[1]->toolChanges]);
        // 12 over 30 with the lay leaves 12.0; so does 15 over 10 against it (16 × 0.75).
        $options = self::kit([12, 15], '10', '30')->options(Length::ofMillimetres(12), [Lay::Against, Lay::With]);
        self::assertSame([0, Lay::With], [$options[0]->distance(), $options[0]->recipe->lay]);
        // 12 over 10 and 12.7 over 30… 13.0 both from 12/10 and 13/30: the 10 leads.
        $options = self::kit([13, 12], '30', '10')->options(Length::ofMillimetres(13));
        self::assertSame(['10', '30'], [$options[0]->recipe->tool->base, $options[1]->recipe->tool->base]);
    }

    public function testGuardsNeedALegalBaseInReach(): void
    {
        self::assertSame([], self::kit([16, 20])->options(Length::ofMillimetres(16)));
        $match = self::kit([16], '7F');
        self::assertFalse($match->canMake(new Recipe(Tool::guard(Length::ofMillimetres(16), '10'))));
        self::assertTrue($match->canMake(new Recipe(Tool::blade('7F'))));
        self::assertTrue($match->canMake(new Recipe(Tool::hand('scissor'))));
        self::assertTrue(self::kit([16], '10')->canMake(new Recipe(Tool::guard(Length::ofMillimetres(16), '10'))));
    }

    public function testOptionsAreSortedAndEveryLegalRecipeIsThere(): void
    {
        $this->forAll(
            Generators::choose(0, 60_000),
            Generators::seq(Generators::choose(1, 50)),
            Generators::subset(BladeTable::labels()),
        )->then(static function (int $target, array $guards, array $blades): void {
            $guards = array_values(array_unique(array_filter($guards, is_int(...))));
            $blades = array_values(array_filter($blades, is_string(...)));
            $options = self::kit(array_map(floatval(...), $guards), ...$blades)->options(
                Length::ofMicrometres($target),
                Lay::cases(),
            );
            $bases = \count(array_intersect($blades, BladeTable::GUARD_BASES));
            self::assertCount(3 * (\count($blades) + \count($guards) * $bases), $options);
            for ($i = 1; $i < \count($options); ++$i) {
                self::assertLessThanOrEqual($options[$i]->distance(), $options[$i - 1]->distance());
            }
            foreach ($options as $o) {
                self::assertSame($o->distance() <= max(500, (int) round(0.15 * $target)), $o->close);
            }
        });
    }

    private static function side(float $mm, ?string $zone = null, Method $method = Method::Clip): Side
    {
        return new Side(Length::ofMillimetres($mm), null === $zone ? null : Zone::of($zone), $method);
    }

    public function testBlendKinds(): void
    {
        $mm = self::side(...);
        $rule = new BlendRule(self::kit([6, 10, 16], '10', '30'));
        self::assertSame('none', $rule->between($mm(10), $mm(12))->kind, '2 mm');
        self::assertSame('none', $rule->between($mm(20), $mm(25))->kind, '20 % of 25');
        self::assertSame('shears', $rule->between($mm(9), $mm(3))->kind);
        self::assertSame(12.0, $rule->between($mm(9), $mm(3))->toArray()['width_mm']);
        self::assertSame('hard_line', $rule->between($mm(3), $mm(25), true)->kind);
        $ladder = $rule->between($mm(3.2), $mm(17));
        self::assertSame(['ladder', 27.6], [$ladder->kind, $ladder->toArray()['width_mm']]);
        self::assertSame(
            [7.0, 11.0],
            array_map(static fn (Option $o): float => $o->finished->rounded(), $ladder->rungs),
        );
        self::assertSame([], $ladder->missing);
    }

    public function testMissingRungsAreUsualSizesNeverAComputedLength(): void
    {
        $bare = (new BlendRule())->between(self::side(1), self::side(19))->toArray();
        self::assertSame([6.0, 10.0, 13.0], $bare['missing_mm']);
        self::assertSame([], $bare['rungs']);
        $some = (new BlendRule(self::kit([10], '10')))->between(self::side(3.2), self::side(20))->toArray();
        self::assertSame(
            [[11.0], [6.0, 16.0]],
            [array_column((array) $some['rungs'], 'finished_mm'), $some['missing_mm']],
            'the fewest missing first',
        );
    }

    public function testMoreThanThreeRungsAreShearsOverTheWholeWidth(): void
    {
        $far = (new BlendRule())->between(self::side(1.5), self::side(50));
        self::assertSame(['shears', 97.0], [$far->kind, $far->toArray()['width_mm']]);
    }

    public function testByHandIsShears(): void
    {
        $rule = new BlendRule();
        foreach ([Method::Scissor, Method::Thin, Method::Card, Method::Strip, Method::Leave] as $method) {
            self::assertSame('shears', $rule->between(self::side(3), self::side(40, null, $method))->kind);
            self::assertSame('none', $rule->between(self::side(3), self::side(4, null, $method))->kind);
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function edges(): iterable
    {
        yield 'fold of the ear' => ['ear_outer_left', 'ear_feather_left', 'hard_line'];
        yield 'inside of the ear' => ['ear_inner_left', 'ear_feather_left', 'hard_line'];
        yield 'sanitary and its neighbour' => ['belly', 'belly_patch', 'hard_line'];
        yield 'tail root arc' => ['rump', 'tail_root_arc', 'hard_line'];
        yield 'inner eye' => ['cheek_left', 'inner_eye_left', 'hard_line'];
        yield 'lips' => ['beard', 'lips', 'hard_line'];
        yield 'pads' => ['toe_outline_front_left', 'between_toes_front_left', 'hard_line'];
        yield 'stop and fringe' => ['fringe', 'stop', 'hard_line'];
        yield 'stop and brow' => ['brow', 'stop', 'shears'];
        yield 'back and ribs' => ['back', 'ribs_left', 'shears'];
        yield 'chest and armpit' => ['chest', 'armpit_left', 'shears'];
    }

    #[DataProvider('edges')]
    public function testSomeNeighboursMeetInAnEdge(string $one, string $other, string $kind): void
    {
        self::assertContains($other, array_map(static fn (Zone $z): string => $z->id, Zone::of($one)->neighbours()));
        $rule = new BlendRule();
        self::assertSame($kind, $rule->between(self::side(3, $one), self::side(8, $other))->kind);
        self::assertSame($kind, $rule->between(self::side(8, $other), self::side(3, $one))->kind);
        if ('hard_line' === $kind) {
            self::assertSame(
                $kind,
                $rule->between(self::side(3, $one), self::side(3, $other))->kind,
                'whatever the step',
            );
        }
    }

    public function testNoStepOfALadderIsLongerThanARung(): void
    {
        $this->forAll(
            Generators::choose(200, 30_000),
            Generators::choose(200, 60_000),
            Generators::seq(Generators::choose(1, 60)),
        )->then(static function (int $a, int $b, array $guards): void {
            $guards = array_values(array_filter($guards, is_int(...)));
            $blend = (new BlendRule(self::kit(array_map(floatval(...), $guards), '10', '30')))->between(
                new Side(Length::ofMicrometres($a)),
                new Side(Length::ofMicrometres($b)),
            );
            if ('ladder' !== $blend->kind) {
                self::assertSame([], $blend->rungs);

                return;
            }
            $at = [
                ...array_map(static fn (Option $o): int => $o->finished->micrometres(), $blend->rungs),
                ...array_map(static fn (Length $l): int => $l->micrometres(), $blend->missing),
                $a,
                $b,
            ];
            self::assertLessThanOrEqual(5, \count($at), 'more than three rungs');
            foreach ($blend->missing as $rung) {
                self::assertContains($rung->rounded(), [3.0, 6.0, 10.0, 13.0, 16.0, 19.0, 22.0, 25.0]);
            }
            sort($at);
            for ($i = 1; $i < \count($at); ++$i) {
                self::assertLessThanOrEqual(6000, $at[$i] - $at[$i - 1]);
            }
        });
    }
}
