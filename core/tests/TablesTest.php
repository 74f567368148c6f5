<?php

/** The published tables of the trade, figure by figure, and that they are consistent with themselves. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TablesTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{CoatType, float, float|null, float}> growth, terminal, matting */
    public static function coats(): iterable
    {
        yield 'smooth' => [CoatType::Smooth, 1.5, 15.0, 0.0];
        yield 'short double' => [CoatType::ShortDouble, 1.8, 40.0, 1.0];
        yield 'long double' => [CoatType::LongDouble, 2.0, 90.0, 3.0];
        yield 'wire' => [CoatType::Wire, 2.2, 50.0, 2.0];
        yield 'curly' => [CoatType::Curly, 2.9, null, 6.0];
        yield 'wavy single' => [CoatType::WavySingle, 2.7, null, 6.0];
        yield 'silky drop' => [CoatType::SilkyDrop, 2.8, null, 5.0];
        yield 'feathered' => [CoatType::Feathered, 2.0, 80.0, 3.0];
        yield 'slow fine long' => [CoatType::SlowFineLong, 1.0, 60.0, 3.0];
        yield 'corded' => [CoatType::Corded, 2.0, null, 0.0];
        yield 'hairless' => [CoatType::Hairless, 0.0, null, 0.0];
    }

    #[DataProvider('coats')]
    public function testCoats(CoatType $coat, float $growth, ?float $terminal, float $matting): void
    {
        self::assertSame(
            [$growth, $terminal, $matting],
            [$coat->growthPerWeek(), $coat->terminalMm(), $coat->mattingPerWeek()],
        );
        self::assertStringNotContainsString('_', $coat->label());
        foreach (ZoneTable::all() as $zone) {
            $natural = NaturalLength::mm($coat, $zone);
            self::assertGreaterThanOrEqual(0.0, $natural);
            self::assertLessThanOrEqual(Length::MAX_MM, $natural);
        }
    }

    public function testBlades(): void
    {
        $published = [
            '50' => 0.2,
            '40' => 0.25,
            '30' => 0.5,
            '15' => 1.2,
            '10' => 1.5,
            '9' => 2.0,
            '8.5' => 2.8,
            '7' => 3.2,
            '7F' => 3.2,
            '6F' => 4.8,
            '5' => 6.3,
            '5F' => 6.3,
            '4' => 9.5,
            '4F' => 9.5,
            '3.75F' => 11.0,
            '3' => 13.0,
            '3F' => 13.0,
            'toe' => 0.8,
        ];
        foreach ($published as $label => $mm) {
            self::assertEqualsWithDelta($mm, BladeTable::residual((string) $label)->mm(), 1e-9, (string) $label);
        }
        foreach (['10', '15', '30', '40'] as $base) {
            self::assertTrue(BladeTable::isGuardBase($base));
        }
        foreach (['7', '7F', '50', '5F', '', '010', '10 '] as $base) {
            self::assertFalse(BladeTable::isGuardBase($base), $base);
        }
    }

    public function testFactorsOfUpkeepStageFinishAndHandling(): void
    {
        self::assertSame(
            [0.1, 0.25, 0.6, 0.8, 1.0],
            array_map(static fn (Upkeep $u): float => $u->mattingFactor(), Upkeep::cases()),
        );
        self::assertSame(
            [1.1, 1.6, 1.0, 1.0],
            array_map(static fn (CoatStage $s): float => $s->mattingFactor(), CoatStage::cases()),
        );
        self::assertSame(
            [1.1, 1.0, 1.0, 0.85],
            array_map(static fn (CoatStage $s): float => $s->growthFactor(), CoatStage::cases()),
        );
        self::assertSame(
            [1.0, 0.6, 0.3, 0.3, 0.6],
            array_map(static fn (string $h): float => Handling::from($h)->toleranceFactor(), [
                'calm',
                'fidgety',
                'painful',
                'frightened',
                'two_person',
            ]),
        );
        $length = Length::ofMillimetres(17);
        self::assertSame(
            [23.8, 29.75, 37.4],
            array_map(static fn (Finish $f): float => round($f->dueMm($length), 3), Finish::cases()),
        );
        self::assertSame(
            [12.0, 25.0, 35.0],
            array_map(static fn (Finish $f): float => $f->dueMm(Length::ofMillimetres(3)), Finish::cases()),
        );
    }

    public function testSeasonsAreHalfAYearApart(): void
    {
        $north = array_map(Season::North->growthFactor(...), range(1, 12));
        self::assertSame([0.9, 0.9, 1.0, 1.0, 1.0, 1.1, 1.1, 1.1, 1.0, 1.0, 1.0, 0.9], $north);
        foreach (range(1, 12) as $month) {
            self::assertSame(Season::North->growthFactor($month), Season::South->growthFactor((($month + 5) % 12) + 1));
            self::assertSame(Season::North->isShedding($month), Season::South->isShedding((($month + 5) % 12) + 1));
        }
        self::assertSame([3, 4, 5, 6], array_values(array_filter(range(1, 12), Season::North->isShedding(...))));
    }

    public function testTheMeanOfASpanLiesBetweenItsMonths(): void
    {
        $this->limitTo(200);
        $this->forAll(Generators::choose(0, 3650), Generators::choose(1, 1040))->then(static function (
            int $day,
            int $tenths,
        ): void {
            $from = (new \DateTimeImmutable('2020-01-01'))->modify("+$day days");
            $mean = Season::North->meanFactor($from, $tenths / 10);
            self::assertGreaterThanOrEqual(0.9 - 1e-9, $mean);
            self::assertLessThanOrEqual(1.1 + 1e-9, $mean);
            // One half of the world is above the middle by as much as the other is below it, on the same days.
            self::assertEqualsWithDelta(2.0, $mean + Season::South->meanFactor($from, $tenths / 10), 1e-9);
        });
    }

    public function testAMonthIsCountedOnTheCalendarWhateverTheClockDoes(): void
    {
        $this->limitTo(300);
        $this->forAll(
            Generators::choose(0, 3650),
            Generators::choose(0, 260),
            Generators::elements('UTC', 'Europe/Berlin', 'America/Los_Angeles', 'Pacific/Auckland'),
        )->then(static function (int $day, int $weeks, string $zone): void {
            $from = (new \DateTimeImmutable('2020-01-01 00:00', new \DateTimeZone($zone)))->modify("+$day days");
            $then = $from->modify('+'. 7 * $weeks.' days');
            self::assertSame((int) $then->format('n'), Season::month($from, $weeks));
        });
    }

    public function testZonesAndTheirNeighbours(): void
    {
        $all = ZoneTable::all();
        self::assertSame(10_000, array_sum(array_map(static fn (Zone $z): int => $z->hundredths, $all)));
        foreach ($all as $id => $zone) {
            self::assertSame($id, $zone->id);
            $neighbours = array_map(static fn (Zone $z): string => $z->id, $zone->neighbours());
            self::assertNotContains($id, $neighbours);
            self::assertSame($neighbours, array_values(array_unique($neighbours)));
            foreach ($zone->neighbours() as $next) {
                self::assertContains(
                    $id,
                    array_map(static fn (Zone $z): string => $z->id, $next->neighbours()),
                    "$next->id does not know $id",
                );
            }
            if (str_ends_with($id, '_left')) {
                $twin = Zone::of(substr($id, 0, -4).'right');
                self::assertSame(
                    [$zone->hundredths, $zone->tender, $zone->thinSkin, $zone->group],
                    [$twin->hundredths, $twin->tender, $twin->thinSkin, $twin->group],
                );
            }
        }
        // From the back every zone can be walked to: the dog is in one piece.
        $seen = ['back' => true];
        for ($queue = ['back']; [] !== $queue;) {
            foreach (Zone::of((string) array_pop($queue))->neighbours() as $next) {
                if (!isset($seen[$next->id])) {
                    $seen[$next->id] = true;
                    $queue[] = $next->id;
                }
            }
        }
        self::assertCount(\count($all), $seen, implode(', ', array_diff(array_keys($all), array_keys($seen))));
    }

    public function testAnUnknownZoneNamesTheNearest(): void
    {
        try {
            Zone::of('armpit_lefft');
            self::fail('known');
        } catch (InvalidInput $e) {
            self::assertStringContainsString('armpit_left', $e->getMessage());
            self::assertSame('zone', $e->field);
        }
    }

    public function testLengthsAddExactlyAndStayInBounds(): void
    {
        $this->limitTo(300);
        $this->forAll(Generators::choose(0, 400_000), Generators::choose(0, 400_000))->then(static function (
            int $a,
            int $b,
        ): void {
            [$one, $two] = [Length::ofMicrometres($a), Length::ofMicrometres($b)];
            self::assertSame($a, $one->micrometres());
            self::assertSame($a < $b, $one->shorterThan($two));
            self::assertEqualsWithDelta($one->mm(), $one->rounded(), 0.05 + 1e-9);
            self::assertLessThanOrEqual(400_000, $one->times(3.0)->micrometres());
            if ($a + $b <= 400_000) {
                self::assertSame($a + $b, $one->plus($two)->micrometres());
                self::assertSame($two->plus($one)->micrometres(), $one->plus($two)->micrometres());
            } else {
                try {
                    $one->plus($two);
                    self::fail('more than 400 mm');
                } catch (InvalidInput $e) {
                    self::assertStringContainsString('400 mm', $e->getMessage());
                }
            }
        });
    }
}
