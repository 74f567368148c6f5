<?php

/** Read off the coat: what was used last time, and who is off the plan with what. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Bias\BiasRule;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\ReadCut\ReadCutRule;
use PHPUnit\Framework\TestCase;

final class ReadingTest extends TestCase
{
    use TestTrait;

    private static function rule(): ReadCutRule
    {
        $tools = [
            KitTool::guard(Length::ofMillimetres(16)),
            KitTool::blade('10'),
            KitTool::blade('30'),
            KitTool::blade('4F'),
            KitTool::blade('7F'),
        ];

        return new ReadCutRule(new KitMatch($tools), (new GrowthRule())->learn(CoatType::Curly));
    }

    public function testTheLikeliestRecipeIsTheOneThatHasGrownToWhatIsFound(): void
    {
        $read = self::rule()->read(['back' => Length::ofMillimetres(31.5)], 5.0);
        $first = $read['zones'][0]['guesses'][0];
        self::assertSame(
            [['kind' => 'guard', 'mm' => 16.0, 'base' => '10'], 'with', 17.0],
            [$first['tool'], $first['lay'], $first['finished_mm']],
        );
        self::assertSame(5.0, $read['weeks']);
    }

    public function testOneAgeOfTheCutIsReadForAllZones(): void
    {
        // A 4F on the back and a 7F on the belly, six weeks ago.
        $read = self::rule()->read(
            ['back' => Length::ofMillimetres(9.5 + 6 * 2.9), 'belly' => Length::ofMillimetres(3.2 + 6 * 2.9)],
            null,
        );
        self::assertGreaterThan(0.0, $read['weeks']);
        self::assertLessThan(10.0, $read['weeks']);
        self::assertSame(0.0, fmod((float) $read['weeks'] * 4, 1), 'quarters of a week');
    }

    public function testWithoutAToolNothingIsGuessed(): void
    {
        $rule = new ReadCutRule(new KitMatch([]), (new GrowthRule())->learn(CoatType::Curly));
        $read = $rule->read(['back' => Length::ofMillimetres(20)], null);
        self::assertSame([null, []], [$read['weeks'], $read['zones'][0]['guesses']]);
    }

    public function testChancesOfAZoneComeToOne(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(0, 390), Generators::elements(null, 0.0, 3.25, 40.0))
            ->then(static function (int $found, ?float $weeks): void {
                $read = self::rule()->read(['back' => Length::ofMillimetres($found)], $weeks);
                $chances = array_column($read['zones'][0]['guesses'], 'p');
                self::assertEqualsWithDelta(1.0, array_sum($chances), 0.005);
                $sorted = $chances;
                rsort($sorted);
                self::assertSame($sorted, $chances, 'likeliest first');
                if (null === $weeks) {
                    self::assertTrue($read['weeks'] >= 0 && $read['weeks'] <= 26);
                }
            });
    }

    public function testABiasIsOfferedOnceItIsLargeAndSure(): void
    {
        $one = static fn (float $off): array => [
            'who' => 'a',
            'tool' => '16 over 10',
            'planned' => 17.0,
            'arrival' => 17.0 + 4 * 2.9 + $off,
            'weeks' => 4.0,
        ];
        $rule = new BiasRule(2.9, 0.1);
        [$few] = $rule->biases([$one(3.4), $one(3.4)]);
        [$many] = $rule->biases(array_fill(0, 12, $one(3.4)));
        self::assertFalse($few['offer']);
        self::assertTrue($many['offer']);
        self::assertSame(12, $many['n']);
        self::assertStringContainsString('longer than planned', $many['words']);
        self::assertSame([], $rule->biases([]));
    }

    public function testABiasIsShrunkTowardsNoneAndSurerWithEveryVisit(): void
    {
        $this->forAll(Generators::choose(-80, 80), Generators::choose(1, 20), Generators::choose(1, 30))->then(
            static function (int $tenths, int $n, int $weeks): void {
                $off = $tenths / 10;
                $o = [
                    'who' => 'a',
                    'tool' => 't',
                    'planned' => 100.0,
                    'arrival' => 100.0 + $weeks * 2.0 + $off,
                    'weeks' => (float) $weeks,
                ];
                [$bias] = (new BiasRule(2.0, 0.2))->biases(array_fill(0, $n, $o));
                [$more] = (new BiasRule(2.0, 0.2))->biases(array_fill(0, $n + 5, $o));
                self::assertLessThanOrEqual(abs($off) + 0.05, abs($bias['bias_mm']));
                self::assertLessThanOrEqual($bias['sd'], $more['sd']);
                self::assertTrue($bias['low_mm'] <= $bias['bias_mm'] && $bias['bias_mm'] <= $bias['high_mm']);
            },
        );
    }
}
