<?php

/** What a salon charges with: least prices, extras, tax, and what it asks for cancelling and collecting late. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Timing\Charges;
use KeenThistle\Core\Timing\HouseTerms;
use KeenThistle\Core\Timing\KnotsVisit;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use PHPUnit\Framework\TestCase;

final class ChargesTest extends TestCase
{
    use TestTrait;

    /** @param list<array{label: string, minor: int}> $fees */
    private static function nails(Charges $charges, array $fees = [], float $extra = 0.0): Minutes
    {
        return (new MinutesRule())->estimate(
            new Work(
                10,
                CoatType::Curly,
                service: Service::Nails,
                fees: $fees,
                charges: $charges,
                extraMinutes: $extra,
            ),
        );
    }

    public function testASmallVisitCostsTheLeastOfItsKind(): void
    {
        $plain = self::nails(new Charges(60));
        $least = self::nails(new Charges(60, null, ['nails' => 1500, 'full' => 4500]));
        self::assertLessThan(1500, $plain->price);
        self::assertSame(1500, $least->price);
        self::assertSame('up to what a visit for nails costs at least', $least->priceTerms[1]['label']);
        self::assertSame($plain->price, $least->priceTerms[0]['minor']);
        $dear = self::nails(new Charges(60, null, ['nails' => 100]));
        self::assertSame($plain->price, $dear->price, 'who takes longer pays the minutes');
        $teeth = self::nails(new Charges(60, null, ['nails' => 1500]), [['label' => 'Teeth', 'minor' => 700]]);
        self::assertSame(2200, $teeth->price, 'an extra comes on top of the least');
    }

    public function testAVisitForMatsAloneHasNoLeast(): void
    {
        $of = static fn (int $least): ?int => KnotsVisit::of(
            10,
            CoatType::Curly,
            Handling::Calm,
            12.0,
            new Charges(60, 80, ['full' => $least]),
        )->price;
        self::assertSame($of(0), $of(9900));
    }

    public function testExtrasTakeTheirMinutesAtTheirOwnPrice(): void
    {
        $plain = self::nails(new Charges(60));
        $with = self::nails(new Charges(60), [['label' => 'Teeth', 'minor' => 700]], 10.0);
        self::assertEqualsWithDelta($plain->likely + 10, $with->likely, 1e-9);
        self::assertEqualsWithDelta($plain->sure + 10, $with->sure, 1e-9);
        self::assertEqualsWithDelta($plain->personMinutes + 10, $with->personMinutes, 1e-9);
        self::assertSame(($plain->price ?? 0) + 700, $with->price, 'its minutes are not charged by the hour');
        self::assertSame($plain->scaled(), $with->scaled());
        self::assertContains('extras', array_map(static fn (Reason $r): string => $r->term, $with->reasons));
    }

    public function testTaxIsInThePricesOrComesOnTop(): void
    {
        $plain = self::nails(new Charges(60));
        $in = self::nails(new Charges(60, null, [], 19.0));
        self::assertSame($plain->price, $in->price);
        self::assertSame($plain->priceTerms, $in->priceTerms);
        self::assertSame(($in->price ?? 0) - (int) round(($in->price ?? 0) / 1.19), $in->tax);
        $on = self::nails(new Charges(60, null, [], 19.0, false));
        self::assertSame((int) round(($plain->price ?? 0) * 0.19), $on->tax);
        self::assertSame(($plain->price ?? 0) + ($on->tax ?? 0), $on->price);
        self::assertSame('tax, 19 %', $on->priceTerms[1]['label']);
        self::assertNull($plain->tax);
    }

    public function testTheTermsAlwaysAddUpAndTheLeastIsKept(): void
    {
        $this->forAll(
            Generators::choose(1, 60),
            Generators::choose(0, 300),
            Generators::choose(0, 9000),
            Generators::choose(0, 30),
            Generators::elements(...Service::cases()),
            Generators::elements(true, false),
        )->then(static function (int $kg, int $rate, int $least, int $tax, Service $kind, bool $in): void {
            $m = (new MinutesRule())->estimate(
                new Work(
                    $kg,
                    CoatType::Wire,
                    service: $kind,
                    matting: 9.0,
                    charges: new Charges($rate, $rate + 20, [$kind->value => $least], $tax, $in),
                ),
            );
            self::assertSame($m->price, array_sum(array_column($m->priceTerms, 'minor')));
            self::assertGreaterThanOrEqual($least, $m->price);
            self::assertGreaterThanOrEqual($m->tax ?? 0, $m->price);
        });
    }

    public function testWhatIsAskedForCancellingAndCollectingLate(): void
    {
        $terms = new HouseTerms(24, 50, 100, 15, 500);
        self::assertSame([0, 2600, 2600], [
            $terms->forCancelling(5200, 24.0),
            $terms->forCancelling(5200, 23.9),
            $terms->forCancelling(5200, -0.5),
        ]);
        self::assertSame(5200, $terms->forNotComing(5200));
        $late = array_map($terms->forCollectingLate(...), [0.0, 15.0, 15.5, 30.0, 31.0]);
        self::assertSame([0, 0, 500, 500, 1000], $late);
        self::assertSame(
            [
                'cancelling less than 24 hours before costs 50 % of the price',
                'not coming without a word costs 100 % of the price',
                'collecting late costs 5.00 EUR for each quarter of an hour begun, from 15 minutes after the time we '.
                'told you',
            ],
            $terms->words('EUR'),
        );
        self::assertSame([], (new HouseTerms())->words('EUR'), 'what costs nothing is not said');
    }
}
