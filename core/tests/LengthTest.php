<?php

/** What recipes leave: the worked examples, the refusals, and what must hold for every recipe. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LengthTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{Tool, Lay, float, string}> */
    public static function examples(): iterable
    {
        $guard = static fn (float $mm, string $base): Tool => Tool::guard(Length::ofMillimetres($mm), $base);
        yield '7F against' => [Tool::blade('7F'), Lay::Against, 1.6, '1/16'];
        yield '16 over 10' => [$guard(16, '10'), Lay::With, 17.0, '21/32'];
        yield '16 over 40' => [$guard(16, '40'), Lay::With, 15.8, '5/8'];
        yield '16 over 10 against' => [$guard(16, '10'), Lay::Against, 12.8, '1/2'];
        yield '16 over 10 across' => [$guard(16, '10'), Lay::Across, 13.6, '17/32'];
        yield '10 across' => [Tool::blade('10'), Lay::Across, 1.2, '1/16'];
        yield '40 with' => [Tool::blade('40'), Lay::With, 0.3, '<1/32'];
        yield 'toe blade' => [Tool::blade('toe'), Lay::With, 0.8, '1/32'];
        yield '50 guard over 30 is past an inch' => [$guard(50, '30'), Lay::With, 50.0, '1 31/32'];
    }

    #[DataProvider('examples')]
    public function testWorkedExamples(Tool $tool, Lay $lay, float $mm, string $inch): void
    {
        $answer = (new LengthRule())->planned(new Recipe($tool, $lay));
        self::assertNotNull($answer->finished);
        self::assertSame($mm, $answer->finished->rounded());
        self::assertSame($inch, $answer->finished->inches());
        self::assertNotSame([], $answer->reasons);
    }

    public function testAPlanRefusesAnIllegalBaseAndAnActualKeepsIt(): void
    {
        $recipe = new Recipe(Tool::guard(Length::ofMillimetres(16), '7F'));
        $actual = (new LengthRule())->actual($recipe);
        self::assertNull($actual->finished);
        self::assertSame('guard_over_long_base', $actual->warnings[0]->code);
        try {
            (new LengthRule())->planned($recipe);
            self::fail('A guard over a 7F must be refused in a plan.');
        } catch (InvalidInput $e) {
            self::assertSame('tool.base', $e->field);
            self::assertStringContainsString('10, 15, 30, 40', $e->getMessage());
        }
    }

    public function testAMeasurementReplacesTheTableAndNarrowsTheRange(): void
    {
        $tool = Tool::guard(Length::ofMillimetres(16), '10');
        $rule = new LengthRule([
            new Measurement($tool, null, Length::ofMillimetres(15)),
            new Measurement($tool, Lay::Against, Length::ofMillimetres(12)),
        ]);
        $with = $rule->planned(new Recipe($tool))->toArray();
        self::assertSame([15.0, 14.3, 15.8], [$with['finished_mm'], $with['low_mm'], $with['high_mm']]);
        $across = $rule->planned(new Recipe($tool, Lay::Across))->toArray();
        self::assertSame(
            [12.0, 10.8, 13.2],
            [$across['finished_mm'], $across['low_mm'], $across['high_mm']],
            'derived from the with-the-lay measurement, so nominal range',
        );
        self::assertSame(12.0, $rule->planned(new Recipe($tool, Lay::Against))->toArray()['finished_mm']);
        self::assertSame(
            15.8,
            $rule->planned(new Recipe(Tool::guard(Length::ofMillimetres(16), '40')))->toArray()['finished_mm'],
            'another base was not measured',
        );
    }

    public function testHandMethodsAreUnknownOrEstimated(): void
    {
        $unknown = (new LengthRule())->planned(new Recipe(Tool::hand('scissor')))->toArray();
        self::assertNull($unknown['finished_mm']);
        self::assertSame('unknown', $unknown['reasons'][0]['term']);
        $estimate = (new LengthRule())
            ->planned(new Recipe(Tool::hand('strip'), Lay::With, Length::ofMillimetres(30)))
            ->toArray();
        self::assertSame(
            [30.0, 24.0, 36.0, true],
            [$estimate['finished_mm'], $estimate['low_mm'], $estimate['high_mm'], $estimate['estimated']],
        );
    }

    public function testSkipToothOnThinSkinIsADanger(): void
    {
        $codes = static fn (string $blade, string $zone): array => array_map(
            static fn (Caution $c): string => $c->code,
            (new LengthRule())->planned(new Recipe(Tool::blade($blade)), Zone::of($zone))->warnings,
        );
        self::assertContains('skip_tooth_on_thin_skin', $codes('7', 'armpit_left'));
        self::assertNotContains('skip_tooth_on_thin_skin', $codes('7F', 'armpit_left'));
        self::assertNotContains('skip_tooth_on_thin_skin', $codes('7', 'back'));
    }

    public function testUnknownBladeNamesTheNearest(): void
    {
        try {
            Tool::blade('7f');
            self::fail('7f is not in the table.');
        } catch (InvalidInput $e) {
            self::assertSame('tool.label', $e->field);
            self::assertStringContainsString('did you mean "7F"', $e->getMessage());
        }
    }

    #[DataProvider('badLengths')]
    public function testLengthsOutsideTheirBoundsAreRefused(float $mm): void
    {
        $this->expectException(InvalidInput::class);
        Length::ofMillimetres($mm);
    }

    /** @return iterable<array{float}> */
    public static function badLengths(): iterable
    {
        yield [-0.1];
        yield [400.01];
        yield [10_000.0];
        yield [\NAN];
        yield [\INF];
    }

    public function testAgainstNeverLeavesMoreThanAcrossNorAcrossMoreThanWith(): void
    {
        $this->forAll(Generators::choose(500, 390_000), Generators::elements(...BladeTable::GUARD_BASES))->then(
            static function (int $um, string $base): void {
                $tool = Tool::guard(Length::ofMicrometres($um), $base);
                $left = array_map(
                    static fn (Lay $lay): int => (new LengthRule())
                        ->planned(new Recipe($tool, $lay))
                        ->finished?->micrometres() ?? -1,
                    [Lay::Against, Lay::Across, Lay::With],
                );
                $sorted = $left;
                sort($sorted);
                self::assertSame($sorted, $left);
                self::assertGreaterThan(0, $left[0]);
            },
        );
    }

    public function testALongerBaseUnderTheSameGuardLeavesMore(): void
    {
        $this->forAll(Generators::choose(500, 390_000))->then(static function (int $um): void {
            $left = array_map(
                static fn (string $base): int => (new LengthRule())
                    ->planned(new Recipe(Tool::guard(Length::ofMicrometres($um), $base)))
                    ->finished?->micrometres() ?? -1,
                ['40', '30', '15', '10'],
            );
            self::assertSame([$um - 250, $um, $um + 700, $um + 1000], $left);
        });
    }

    public function testInchesAreWithinASixtyFourthOfTheLength(): void
    {
        $this->forAll(Generators::choose(794, 400_000))->then(static function (int $um): void {
            $inches = 0.0;
            foreach (explode(' ', Length::ofMicrometres($um)->inches()) as $part) {
                $over = explode('/', $part);
                $inches += (float) $over[0] / (float) ($over[1] ?? 1);
            }
            self::assertEqualsWithDelta($um / 25_400, $inches, 1 / 64 + 1e-9);
        });
    }

    public function testZonesCoverTheWholeDogOnce(): void
    {
        $zones = \KeenThistle\Core\Zone\ZoneTable::all();
        self::assertSame(10_000, array_sum(array_map(static fn (Zone $z): int => $z->hundredths, $zones)));
        foreach ($zones as $zone) {
            self::assertNotSame([], $zone->neighbours(), "$zone->id meets nothing");
            foreach ($zone->neighbours() as $other) {
                self::assertContains($zone, $other->neighbours(), "$other->id does not meet $zone->id back");
            }
        }
    }
}
