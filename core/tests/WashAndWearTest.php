<?php

/** Shampoo from concentrate, bottles with labels; and what a blade has run. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Wash\BottleRule;
use KeenThistle\Core\Wash\MixRule;
use KeenThistle\Core\Wash\Ratio;
use KeenThistle\Core\Wash\WashDay;
use KeenThistle\Core\Wear\CareTable;
use KeenThistle\Core\Wear\ToolEvent;
use KeenThistle\Core\Wear\WearRule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WashAndWearTest extends TestCase
{
    use TestTrait;

    public function testTheExampleOfALargeDoubleCoat(): void
    {
        $mix = (new MixRule())->mix(25, CoatType::LongDouble, 2, 10);
        self::assertSame(
            ['mixed_l' => 2.07, 'concentrate_ml' => 188.4, 'water_ml' => 1884.0],
            \array_slice($mix->toArray(), 0, 3),
        );
    }

    public function testWhatIsMixedIsWhatIsPoured(): void
    {
        $this->forAll(
            Generators::choose(3, 1200),
            Generators::elements(CoatType::cases()),
            Generators::choose(1, 6),
            Generators::choose(1, 200),
        )->then(static function (int $kg, CoatType $coat, int $passes, int $ratio): void {
            $mix = (new MixRule())->mix($kg / 10, $coat, $passes, $ratio);
            self::assertEqualsWithDelta(
                1000 * $mix->litres,
                $mix->concentrate + $mix->water,
                0.05 * ($ratio + 1) + 0.1,
            );
            self::assertEqualsWithDelta(
                $ratio,
                $mix->concentrate > 0.5 ? $mix->water / $mix->concentrate : $ratio,
                0.11,
            );
            self::assertGreaterThan($mix->litres, (new MixRule())->mix($kg / 10 + 1, $coat, $passes, $ratio)->litres);
        });
    }

    /** @return iterable<string, array{float, string}> */
    public static function ratios(): iterable
    {
        yield 'nothing' => [0.0, 'must be 1 to 200'];
        yield 'the wrong way round' => [0.1, 'was 1:10 meant?'];
        yield 'negative' => [-5.0, 'must be 1 to 200'];
        yield 'absurd' => [201.0, 'must be 1 to 200'];
        yield 'not a number' => [\NAN, 'must be 1 to 200'];
    }

    #[DataProvider('ratios')]
    public function testAWrongRatioIsAskedAbout(float $ratio, string $says): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($says);
        (new MixRule())->mix(10, CoatType::Curly, 1, is_nan($ratio) ? -1.0 : $ratio);
    }

    /** @return iterable<string, array{string, float|string}> */
    public static function typed(): iterable
    {
        yield 'with the one' => ['1:10', 10.0];
        yield 'without it' => ['10', 10.0];
        yield 'with spaces and a comma' => [' 1 : 7,5 ', 7.5];
        yield 'not in lowest terms' => ['2:20', 10.0];
        yield 'the wrong way round' => ['10:1', 'was 1:10 meant?'];
        yield 'nothing' => ['0', 'must be 1 to 200'];
        yield 'nothing of one part' => ['1:0', 'nothing on one side'];
        yield 'below one' => ['0.1', 'was 1:10 meant?'];
        yield 'words' => ['ten', 'must be written 1:10'];
        yield 'emoji' => ['1:🛁', 'must be written 1:10'];
        yield 'empty' => ['', 'must be written 1:10'];
        yield 'absurd' => ['1:900', 'must be 1 to 200'];
    }

    #[DataProvider('typed')]
    public function testARatioAsItIsTyped(string $typed, float|string $means): void
    {
        if (\is_float($means)) {
            self::assertSame($means, Ratio::parse($typed));

            return;
        }
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($means);
        Ratio::parse($typed);
    }

    public function testADogIsWashedWithWhatItBears(): void
    {
        $shelf = ['oat' => [], 'wire' => ['wire'], 'second wire' => ['wire']];
        self::assertSame('wire', WashDay::pick($shelf, CoatType::Wire, []));
        self::assertSame('second wire', WashDay::pick($shelf, CoatType::Wire, ['wire']));
        self::assertSame('oat', WashDay::pick($shelf, CoatType::Wire, ['wire', 'second wire']));
        self::assertSame('oat', WashDay::pick($shelf, CoatType::Curly, []));
        self::assertNull(WashDay::pick($shelf, CoatType::Curly, ['oat']), 'nothing rather than what harmed it');
        self::assertNull(WashDay::pick([], CoatType::Curly, []));
    }

    public function testTheDayAddsUpWhatStandsThereAlready(): void
    {
        $a = WashDay::dog(25, CoatType::LongDouble, 10, 'shampoo', null, 2000);
        self::assertSame([5, 2, 377], [$a['dwell'], $a['passes'], $a['cost_minor']]);
        self::assertSame(
            [7, 1],
            [
                WashDay::dog(25, CoatType::LongDouble, 10, 'conditioner', 7, null)['dwell'],
                WashDay::dog(25, CoatType::LongDouble, 10, 'conditioner', 7, null)['passes'],
            ],
        );
        self::assertSame(
            1,
            WashDay::dog(25, CoatType::LongDouble, 10, 'shampoo', null, null, true)['passes'],
            'straight on, one pass',
        );
        $day = WashDay::total([$a['mix'], $a['mix']], 10, 500, 300, 500);
        self::assertSame(
            [4.14, 3.64, 331.4, 8],
            [$day['litres'], $day['to_mix_l'], $day['concentrate_ml'], $day['bottles']],
        );
        self::assertSame('short', $day['short']?->code);
        $enough = WashDay::total([$a['mix']], 10, 500, 300, 5000);
        self::assertSame([0.0, 0, null], [$enough['to_mix_l'], $enough['bottles'], $enough['short']]);
    }

    public function testEachKindOfToolAsksForItsOwnCare(): void
    {
        $day = new \DateTimeImmutable('2026-11-20');
        $ran = [self::ran($day, 700, 'clean', 'Brisk')];
        $codes = static fn (string $kind): array => array_map(
            static fn (Caution $c): string => $c->code,
            (new WearRule())->now($ran, $day, [], $kind)->cautions,
        );
        self::assertSame(['oil', 'disinfect', 'sharpen'], $codes('blade'));
        self::assertSame(['disinfect'], $codes('guard'));
        self::assertNull((new WearRule())->now($ran, $day, [], 'guard')->sharpenOn);
        $hot = new ToolEvent('heat', $day, celsius: 43.0);
        self::assertSame('heat', (new WearRule())->now([$hot], $day)->cautions[0]->code);
        self::assertSame(
            [],
            (new WearRule())->now([$hot, new ToolEvent('oiled', $day->modify('+1 hour'))], $day)->cautions,
        );
        self::assertStringContainsString('One snip', (string) CareTable::advice('shears'));
        self::assertStringContainsString('Dust mask', (string) CareTable::advice('rake'));
        self::assertNull(CareTable::advice('blade'));
        foreach (CareTable::kinds() as $kind) {
            self::assertSame([], array_diff(CareTable::of($kind), ToolEvent::KINDS));
        }
    }

    public function testBottlesSayWhatIsInThemAndWhenTheyGo(): void
    {
        $mix = (new MixRule())->mix(25, CoatType::LongDouble, 2, 10);
        $on = new \DateTimeImmutable('2026-11-25');
        $fill = (new BottleRule())->fill($mix, 'oat wash', 10, 500, $on, null, null, 4000, 150.0);
        self::assertSame(5, $fill['bottles']);
        self::assertSame(
            ['oat wash', '1:10 (one part to 10 parts water)', 'mixed 2026-11-25', 'discard by 2026-11-25'],
            $fill['label'],
        );
        self::assertSame(754, $fill['cost_minor']);
        self::assertSame(-38.4, $fill['stock_left_ml']);
        self::assertSame(
            '2026-12-09',
            (new BottleRule())->fill($mix, 'x', 10, 500, $on, 14, null, null, null)['discard_by'],
        );
        foreach (
            [
                [null, '2026-11-26', 'no longer'],
                [14, '2026-12-10', 'Wed 9 Dec 2026 at the latest'],
                [14, '2026-11-24', 'before it was mixed'],
            ] as [$days, $wish, $says]
        ) {
            try {
                (new BottleRule())->fill($mix, 'x', 10, 500, $on, $days, new \DateTimeImmutable($wish), null, null);
                self::fail("$wish was taken");
            } catch (InvalidInput $e) {
                self::assertSame('discard_by', $e->field);
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
    }

    public function testEveryCoatHasItsWash(): void
    {
        foreach (CoatType::cases() as $coat) {
            [$dwell, $passes] = MixRule::usual($coat);
            self::assertTrue($dwell >= 1 && $passes >= 1 && MixRule::litresPerM2($coat) >= 0.3);
        }
    }

    public function testDirtBluntsOilAndDisinfectionAreDue(): void
    {
        $day = new \DateTimeImmutable('2026-11-20');
        $events = [self::ran($day, 20, 'dirty', 'Brisk'), self::ran($day->modify('+1 day'), 10, 'undercoat', 'Marl')];
        $answer = (new WearRule())->now($events, $day->modify('+2 days'));
        self::assertSame(
            [53.0, 0.0, true, 'Marl', 547.0],
            [$answer->worn, $answer->oilIn, $answer->disinfectDue, $answer->lastDog, $answer->sharpenIn],
        );
        $after = (new WearRule())->now(
            [
                ...$events,
                new ToolEvent('oiled', $day->modify('+2 days')),
                new ToolEvent('disinfected', $day->modify('+2 days')),
            ],
            $day->modify('+2 days'),
        );
        self::assertSame([15.0, false], [$after->oilIn, $after->disinfectDue]);
        self::assertSame([], $after->cautions);
    }

    public function testTheForecastFollowsWhatIsBookedThenTheRecentRate(): void
    {
        $today = new \DateTimeImmutable('2026-11-25');
        $worn = [self::ran($today->modify('-200 days'), 540, 'clean', 'a')];
        self::assertNull((new WearRule())->now($worn, $today)->sharpenOn, 'nothing of late: nobody knows');
        $ahead = [
            ['on' => $today->modify('+3 days'), 'minutes' => 30.0],
            ['on' => $today->modify('+9 days'), 'minutes' => 40.0],
        ];
        self::assertSame('2026-12-04', (new WearRule())->now($worn, $today, $ahead)->sharpenOn?->format('Y-m-d'));
        $recent = [...$worn, self::ran($today->modify('-2 days'), 28, 'clean', 'a')];
        self::assertSame(
            '2026-12-27',
            (new WearRule())->now($recent, $today)->sharpenOn?->format('Y-m-d'),
            '32 min left at 1 a day',
        );
        $dull = (new WearRule())->now([...$recent, new ToolEvent('edge_dull', $today)], $today);
        self::assertSame('2026-11-25', $dull->sharpenOn?->format('Y-m-d'));
        self::assertSame(0.0, (new WearRule())->now([...$recent, new ToolEvent('sharpened', $today)], $today)->worn);
    }

    public function testMoreWorkNeverSharpensLater(): void
    {
        $this->forAll(Generators::choose(1, 500), Generators::choose(1, 200))->then(static function (
            int $minutes,
            int $more,
        ): void {
            $today = new \DateTimeImmutable('2026-11-25');
            $events = [self::ran($today->modify('-5 days'), $minutes, 'clean', 'a')];
            $less = (new WearRule())->now($events, $today)->sharpenOn;
            $busy = (new WearRule())->now(
                [...$events, self::ran($today->modify('-3 days'), $more, 'dirty', 'b')],
                $today,
            )->sharpenOn;
            // Nobody knows when: later than any day.
            $far = $today->modify('+10 years');
            self::assertLessThanOrEqual($less ?? $far, $busy ?? $far);
        });
    }

    private static function ran(\DateTimeImmutable $on, float $minutes, string $dirt, string $dog): ToolEvent
    {
        return new ToolEvent('run', $on, $minutes, $dirt, $dog);
    }
}
