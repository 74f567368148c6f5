<?php

/** How long and how much: the two figures the table is set by, each factor, learning, and what must always hold. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Timing\Charges;
use KeenThistle\Core\Timing\DryWay;
use KeenThistle\Core\Timing\Learned;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\TestCase;

final class MinutesTest extends TestCase
{
    use TestTrait;

    private static function of(Work $work): Minutes
    {
        return (new MinutesRule())->estimate($work);
    }

    /**
     * @param list<float> $ratios
     *
     * @return list<array{estimate: float, actual: float}>
     */
    private static function visits(array $ratios): array
    {
        return array_map(static fn (float $r): array => ['estimate' => 100.0, 'actual' => 100.0 * $r], $ratios);
    }

    public function testTheTwoDogsTheTableIsSetBy(): void
    {
        $all = array_fill_keys(array_keys(ZoneTable::all()), Method::Guard);
        self::assertEqualsWithDelta(110.0, self::of(new Work(10, CoatType::Curly, zones: $all))->likely, 0.1);
        self::assertEqualsWithDelta(110.0, self::of(new Work(10, CoatType::Curly))->likely, 0.1);
        self::assertEqualsWithDelta(
            45.0,
            self::of(new Work(20, CoatType::Smooth, service: Service::Bath))->likely,
            0.5,
        );
    }

    public function testEightyPerCentAndTheSlot(): void
    {
        $m = self::of(new Work(10, CoatType::Curly));
        self::assertEqualsWithDelta($m->likely * exp(0.8416212 * 0.18), $m->sure, 1e-4);
        self::assertSame(130, $m->slot);
        self::assertSame(0, $m->slot % 5);
    }

    public function testHandlingMattingNewThingsAndLateness(): void
    {
        $base = self::of(new Work(10, CoatType::Curly))->likely;
        self::assertEqualsWithDelta(
            $base * 1.25,
            self::of(new Work(10, CoatType::Curly, Handling::Fidgety))->likely,
            1e-9,
        );
        self::assertEqualsWithDelta(
            $base * 1.5,
            self::of(new Work(10, CoatType::Curly, Handling::Frightened))->likely,
            1e-9,
        );
        self::assertEqualsWithDelta(
            $base * 1.5,
            self::of(new Work(10, CoatType::Curly, Handling::Painful))->likely,
            1e-9,
        );
        $two = self::of(new Work(10, CoatType::Curly, Handling::TwoPerson));
        self::assertEqualsWithDelta($base, $two->likely, 1e-9);
        self::assertEqualsWithDelta($base * 1.5, $two->personMinutes, 1e-9);
        self::assertEqualsWithDelta($two->sure * 1.5, $two->personSure(), 1e-9);
        self::assertEqualsWithDelta(
            ($base + 12.5 + 3) * 1.5,
            self::of(new Work(10, CoatType::Curly, Handling::Frightened, matting: 12.5, newThings: 4))->likely,
            1e-9,
        );
        self::assertEqualsWithDelta($base * 1.06, self::of(new Work(10, CoatType::Curly, weeksLate: 2))->likely, 1e-9);
        self::assertEqualsWithDelta($base * 1.3, self::of(new Work(10, CoatType::Curly, weeksLate: 40))->likely, 1e-9);
    }

    public function testHandWorkTakesLongerThanClipping(): void
    {
        $zones = static fn (Method $m): array => array_fill_keys(array_keys(ZoneTable::all()), $m);
        $clip = self::of(new Work(9, CoatType::Wire, zones: $zones(Method::Clip)))->likely;
        $scissor = self::of(new Work(9, CoatType::Wire, zones: $zones(Method::Scissor)))->likely;
        $strip = self::of(new Work(9, CoatType::Wire, zones: $zones(Method::Strip)))->likely;
        self::assertLessThan($scissor, $clip);
        self::assertLessThan($strip, $scissor);
        self::assertArrayNotHasKey('clip', self::of(new Work(9, CoatType::Wire, zones: $zones(Method::Leave)))->phases);
    }

    public function testLearningIsWeightedToTheNewestAndShrunk(): void
    {
        self::assertSame(1.0, Learned::from([])->ratio);
        self::assertEqualsWithDelta((1.5 + 2) / 3, Learned::from(self::visits([1.5]))->ratio, 1e-12);
        self::assertEqualsWithDelta(
            (2 * (0.4 * 0.8 + 0.6 * 1.2) + 2) / 4,
            Learned::from(self::visits([1.2, 0.8]))->ratio,
            1e-12,
        );
        self::assertNull(Learned::from(self::visits([1.1, 1.0, 1.2, 0.9]))->sd);
        self::assertEqualsWithDelta(0.08, (float) Learned::from(self::visits([1.1, 1.1, 1.1, 1.1, 1.1]))->sd, 1e-12);
        $wild = Learned::from(self::visits([0.5, 2.0, 0.5, 2.0, 0.5, 2.0]))->sd;
        self::assertEqualsWithDelta(log(2) * sqrt(6 / 5), (float) $wild, 1e-9);
    }

    public function testDogAndGroomerBothCount(): void
    {
        $base = self::of(new Work(10, CoatType::Curly))->likely;
        $m = self::of(
            new Work(
                10,
                CoatType::Curly,
                dogVisits: self::visits([1.3, 1.3, 1.3]),
                groomerVisits: self::visits([0.9, 0.9]),
            ),
        );
        self::assertEqualsWithDelta(((($base * (3 * 1.3 + 2)) / 5) * (2 * 0.9 + 2)) / 4, $m->likely, 1e-9);
        self::assertContains('this_groomer', array_map(static fn (Reason $r): string => $r->term, $m->reasons));
    }

    public function testEveryMinuteIsChargedOnceAndTheTermsAddUp(): void
    {
        $curly = static fn (float $matting, int $off = 0, ?float $matRate = null): Minutes => self::of(
            new Work(
                10,
                CoatType::Curly,
                matting: $matting,
                fees: 0 === $off ? [] : [['label' => 'regular', 'minor' => -$off]],
                charges: new Charges(60, $matRate),
            ),
        );
        $m = $curly(0.0, 300);
        self::assertSame(6600 - 300, $m->price);
        self::assertSame($m->price, array_sum(array_column($m->priceTerms, 'minor')));
        self::assertSame((int) round(122.5 * 60), $curly(12.5)->price, 'at one rate mats cost what they take');
        self::assertSame((int) round((122.5 - 7.5) * 60 + 7.5 * 80), $curly(12.5, matRate: 80)->price);
        self::assertSame(6840, $curly(4.0, matRate: 80)->price, 'the first five minutes are ordinary brushing');
        self::assertNull(self::of(new Work(10, CoatType::Curly))->price);
        try {
            $curly(0.0, 7000);
            self::fail('a total below 0 is refused');
        } catch (InvalidInput $e) {
            self::assertSame('fees', $e->field);
        }
    }

    public function testALabelIsTheProductItNames(): void
    {
        $m = self::of(new Work(13.7, CoatType::Wire, matting: 9.3, charges: new Charges(4000 / 60, 75.0)));
        self::assertSame(
            ['at 40.00 an hour', '4.3 min on mats past the first five at 45.00 an hour'],
            [substr($m->priceTerms[0]['label'], -16), $m->priceTerms[1]['label']],
        );
        preg_match('/^([\d.]+) min/', $m->priceTerms[0]['label'], $said);
        self::assertSame((int) round(((float) ($said[1] ?? 0) * 4000) / 60), $m->priceTerms[0]['minor']);
    }

    public function testAVisitHasThePhasesOfItsKind(): void
    {
        $of = static fn (Service $kind, CoatType $coat): array => array_keys(
            self::of(new Work(10, $coat, service: $kind, matting: 3.0))->phases,
        );
        self::assertSame(
            ['settle', 'check', 'close_work', 'nails_pads_ears', 'notes'],
            $of(Service::Tidy, CoatType::Curly),
            'a tidy has no bath and no dryer',
        );
        self::assertSame(['settle', 'check', 'nails_pads_ears', 'notes'], $of(Service::Nails, CoatType::Curly));
        self::assertContains('close_work', $of(Service::Bath, CoatType::Feathered));
        self::assertNotContains('close_work', $of(Service::Bath, CoatType::ShortDouble));
        self::assertEqualsWithDelta(15.0, self::of(new Work(10, CoatType::Curly, service: Service::Nails))->likely, 1);
        self::assertEqualsWithDelta(27.5, self::of(new Work(10, CoatType::Curly, service: Service::Tidy))->likely, 2.5);
    }

    public function testDryingByLengthAndWay(): void
    {
        $dry = static fn (?float $mm, DryWay $way): float => self::of(
            new Work(10, CoatType::Curly, meanMm: $mm, dryWay: $way),
        )->phases['dry'];
        $base = $dry(null, DryWay::Forced);
        self::assertEqualsWithDelta($base, $dry(25.0, DryWay::Forced), 1e-9);
        self::assertEqualsWithDelta($base * 0.76, $dry(10.0, DryWay::Forced), 1e-9);
        self::assertEqualsWithDelta($base * 1.6, $dry(300.0, DryWay::Forced), 1e-9);
        self::assertEqualsWithDelta($base * 1.6, $dry(null, DryWay::Cool), 1e-9);
        $air = self::of(new Work(10, CoatType::Curly, charges: new Charges(60), dryWay: DryWay::Air));
        self::assertEqualsWithDelta($air->likely - 3.5 * $base, $air->personMinutes, 1e-9);
        self::assertSame((int) round(60 * round($air->personMinutes, 1)), $air->price, 'nobody stands at it');
        $cords = self::of(new Work(20, CoatType::Corded));
        self::assertGreaterThan(300.0, $cords->phases['dry']);
        self::assertSame(2, $cords->days);
    }

    public function testAWholeJacketByHand(): void
    {
        $jacket = ['nape', 'neck_sides', 'shoulder_left', 'shoulder_right', 'back', 'ribs_left', 'ribs_right'];
        $jacket = [...$jacket, 'loin', 'rump', 'thigh_left', 'thigh_right'];
        $phases = self::of(new Work(9, CoatType::Wire, zones: array_fill_keys($jacket, Method::Strip)))->phases;
        self::assertEqualsWithDelta(90.0, $phases['strip'], 1.0);
        self::assertArrayNotHasKey('clip', $phases);
    }

    public function testACoatThatIsNotClippedHasNoClippingToPayFor(): void
    {
        foreach ([CoatType::Smooth, CoatType::ShortDouble, CoatType::LongDouble, CoatType::Hairless] as $coat) {
            self::assertArrayNotHasKey('clip', self::of(new Work(20, $coat))->phases, $coat->value);
        }
        $felt = self::of(new Work(20, CoatType::LongDouble, zones: ['belly' => Method::Clip]));
        self::assertGreaterThan(0.0, $felt->phases['clip']);
    }

    public function testAForgottenTimerTeachesNothingAndIsAskedAbout(): void
    {
        $visits = self::visits([1.2, 3.0, 0.3]);
        $learned = Learned::from($visits);
        self::assertSame([1, [1, 2]], [$learned->n, $learned->asked]);
        $m = self::of(new Work(10, CoatType::Curly, dogVisits: $visits, groomerVisits: self::visits([9.0])));
        self::assertSame(
            ['visits[1].actual', 'visits[2].actual', 'groomer_visits[0].actual'],
            array_column($m->questions, 'field'),
        );
        $tidies = array_map(static fn (array $v): array => $v + ['kind' => 'tidy'], self::visits([2.0, 2.0]));
        self::assertSame(0, Learned::from($tidies, Service::Full)->n, 'a tidy says nothing of a full groom');
        self::assertSame(2, Learned::from($tidies, Service::Tidy)->n);
    }

    public function testWhateverTheDog(): void
    {
        $this->limitTo(300);
        $this->forAll(
            Generators::choose(3, 1200),
            Generators::elements(CoatType::cases()),
            Generators::elements(Service::cases()),
            Generators::elements(Handling::cases()),
            Generators::choose(0, 600),
        )->then(static function (
            int $tenths,
            CoatType $coat,
            Service $service,
            Handling $handling,
            int $matting,
        ): void {
            $work = static fn (float $kg, float $mats): Minutes => self::of(
                new Work($kg, $coat, $handling, $service, $mats, charges: new Charges(60)),
            );
            $m = $work($tenths / 10, (float) $matting);
            self::assertGreaterThan(0.0, $m->likely);
            self::assertGreaterThan($m->likely, $m->sure);
            self::assertGreaterThanOrEqual($m->sure - 1e-6, (float) $m->slot);
            self::assertLessThan($m->sure + 5, (float) $m->slot);
            self::assertGreaterThanOrEqual(
                $m->likely - 1e-9,
                $work(min(120.0, $tenths / 10 + 5), (float) $matting)->likely,
                'a larger dog takes less',
            );
            self::assertGreaterThanOrEqual(
                $m->likely - 1e-9,
                $work($tenths / 10, $matting + 10.0)->likely,
                'more mats take less',
            );
            self::assertEqualsWithDelta(60 * $m->likely, (float) $m->price, 3.1, 'a minute is charged twice or never');
            foreach ($m->phases as $minutes) {
                self::assertGreaterThan(0.0, $minutes);
            }
        });
    }

    public function testWhatIsLeftAfterABathTheDayBeforeIsTheRestOfIt(): void
    {
        $kinds = [Service::Full, Service::Bath, Service::Tidy];
        $this->limitTo(60)
            ->forAll(Generators::choose(2, 60), Generators::elements(CoatType::cases()), Generators::elements($kinds))
            ->then(static function (int $kg, CoatType $coat, Service $kind): void {
                $whole = self::of(new Work((float) $kg, $coat, service: $kind));
                $rest = $whole->withoutWash();
                $wash = ($whole->phases['bath'] ?? 0.0) + ($whole->phases['dry'] ?? 0.0);
                self::assertArrayNotHasKey('dry', $rest->phases);
                self::assertEqualsWithDelta(
                    $whole->likely * (1 - $wash / array_sum($whole->phases)),
                    $rest->likely,
                    0.01,
                );
                self::assertLessThanOrEqual($whole->slot, $rest->slot);
                self::assertSame(0, $rest->slot % 5);
                self::assertGreaterThanOrEqual($rest->sure, (float) $rest->slot);
                self::assertSame($rest, $rest->withoutWash(), 'nobody is washed twice');
            });
    }
}
