<?php

/** Measuring a tool: five readings, their spread, and what is asked before they count. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Kit\Measured;
use KeenThistle\Core\Kit\MeasureRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use PHPUnit\Framework\TestCase;

final class MeasureTest extends TestCase
{
    use TestTrait;

    public function testFiveCloseReadingsAreBelieved(): void
    {
        $m = self::judge([16.5, 16.7, 16.6, 16.6, 16.6], 17.0);
        self::assertSame([16.6, 0.2, []], [$m->mean->rounded(), round($m->spread, 1), $m->questions]);
        self::assertEqualsWithDelta(-0.0235, $m->off, 0.0005);
    }

    public function testReadingsFarApartAreQuestioned(): void
    {
        self::assertSame(['spread'], self::codes(self::judge([16.0, 19.1, 16.2, 16.0, 16.1], 17.0)));
        self::assertSame(
            [],
            self::codes(self::judge([0.2, 0.5, 0.3], 0.25)),
            'short blades: a few tenths are the calliper\'s own',
        );
        self::assertSame(['spread'], self::codes(self::judge([0.2, 0.7, 0.3], 0.3)));
    }

    public function testAnotherBladeIsQuestionedAndNamed(): void
    {
        $m = self::judge([6.3, 6.2, 6.4, 6.3, 6.3], 3.2, '7F');
        self::assertSame(['nominal'], self::codes($m));
        self::assertSame('5', $m->like);
        self::assertStringContainsString('97 % more', $m->questions[0]->message);
        self::assertStringContainsString('like a 5', $m->questions[0]->message);
        self::assertNull(self::judge([3.3], 3.2, '7F')->like, 'nearest to itself');
    }

    public function testTheEdgeOfFortyPerCent(): void
    {
        self::assertSame([], self::codes(self::judge([14.0], 10.0)));
        self::assertSame(['nominal'], self::codes(self::judge([14.1], 10.0)));
        self::assertSame([], self::codes(self::judge([6.0], 10.0)));
        self::assertSame(['nominal'], self::codes(self::judge([5.9], 10.0)));
        self::assertSame([], self::codes(self::judge([400.0], null)), 'nothing to compare with');
    }

    public function testNoReadingAndAReadingOfNothingAreRefused(): void
    {
        foreach (
            [[[], 'readings'], [[3.0, 0.0], 'readings[1]'], [array_fill(0, 13, 3.0), 'readings']] as [$readings, $field]
        ) {
            try {
                self::judge($readings, 3.0);
                self::fail('taken: '.json_encode($readings));
            } catch (InvalidInput $e) {
                self::assertSame($field, $e->field);
            }
        }
    }

    public function testTheMeanLiesBetweenAndOrderDoesNotMatter(): void
    {
        $this->forAll(Generators::vector(5, Generators::choose(1, 4000)))->then(static function (array $tenths): void {
            $readings = array_values(array_map(static fn (mixed $t): float => (\is_int($t) ? $t : 1) / 10, $tenths));
            self::assertNotEmpty($readings);
            $m = self::judge($readings, 20.0);
            self::assertGreaterThanOrEqual(min($readings) - 0.001, $m->mean->mm());
            self::assertLessThanOrEqual(max($readings) + 0.001, $m->mean->mm());
            $again = self::judge(array_reverse($readings), 20.0);
            self::assertSame(
                [$m->mean->micrometres(), self::codes($m)],
                [$again->mean->micrometres(), self::codes($again)],
            );
        });
    }

    /** @param list<float> $mm */
    private static function judge(array $mm, ?float $expected, ?string $label = null): Measured
    {
        return (new MeasureRule())->judge(
            array_map(Length::ofMillimetres(...), $mm),
            null === $expected ? null : Length::ofMillimetres($expected),
            $label,
        );
    }

    /** @return list<string> */
    private static function codes(Measured $m): array
    {
        return array_map(static fn (Caution $c): string => $c->code, $m->questions);
    }

    public function testInchesAreWrittenAsScreensWriteThem(): void
    {
        /** @var array<string, string> $examples */
        $examples = json_decode((string) file_get_contents(__DIR__.'/inches.json'), true, flags: \JSON_THROW_ON_ERROR);
        self::assertGreaterThan(10, \count($examples));
        foreach ($examples as $mm => $written) {
            self::assertSame($written, Length::ofMillimetres((float) $mm)->inches(), "$mm mm");
        }
    }
}
