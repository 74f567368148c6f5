<?php

/** What a comb test costs, asks and holds, whatever the comb finds. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingAnswer;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Zone\ZoneTable;

final class MattingAskedTest extends MattingCase
{
    public function testTheFeeStartsAfterFiveMinutes(): void
    {
        $loin = self::reckon([self::mat('loin', 2)], rate: 80);
        self::assertEqualsWithDelta(7.25, $loin->minutes, 0.01);
        self::assertSame((int) round(($loin->minutes - 5) * 80), $loin->fee);
        self::assertSame(0, self::reckon([self::mat('brow', 2)], rate: 80)->fee);
        self::assertNull(self::reckon([self::mat('loin', 2)])->fee);
    }

    public function testAnOverruleIsHeldAndCounted(): void
    {
        $answer = self::reckon(
            [self::mat('belly', 2, 1.0, true, Decision::Loosen), self::mat('rump', 2), self::mat('loin', 2)],
            kg: 30.0,
        );
        self::assertSame(['belly' => 'loosen', 'rump' => 'loosen', 'loin' => 'loosen'], self::decisions($answer));
        self::assertContains(
            'past_welfare_limit',
            array_map(static fn (Caution $c): string => $c->code, $answer->cautions),
        );
        $kinder = self::reckon([self::mat('brow', 1, 1.0, null, Decision::Clip)]);
        self::assertSame(['brow' => 'clip'], self::decisions($kinder));
    }

    public function testContradictionsAreAskedAbout(): void
    {
        $answer = self::reckon([self::mat('back', 0, 0.4), self::mat('loin', 2, 0.0), self::mat('nape', 4, 0.5, true)]);
        self::assertSame(
            ['zones[0].severity', 'zones[1].spread', 'zones[2].clearance'],
            array_column($answer->questions, 'field'),
        );
        self::assertSame(['back' => 'none', 'loin' => 'none', 'nape' => 'clip'], self::decisions($answer));
    }

    public function testWhatTheOwnerIsAskedNamesThePlaces(): void
    {
        $consent = implode(' ', self::reckon([self::mat('armpit_left', 4), self::mat('loin', 2)], rate: 80)->consent);
        foreach (['left armpit', 'loin', 'short', 'skin', 'vet', 'charged', 'stop'] as $word) {
            self::assertStringContainsString($word, $consent);
        }
        self::assertSame([], self::reckon([self::mat('back', 0, 0.0)])->consent);
    }

    public function testWhateverTheCombFinds(): void
    {
        $this->limitTo(200);
        $zones = array_keys(ZoneTable::all());
        $this->forAll(
            Generators::vector(12, Generators::choose(0, 999_999)),
            Generators::choose(2, 80),
            Generators::elements(Handling::cases()),
            Generators::elements(CoatType::cases()),
        )->then(function (array $seeds, int $kg, Handling $handling, CoatType $coat) use ($zones): void {
            $mats = [];
            foreach ($seeds as $seed) {
                \assert(\is_int($seed));
                $zone = $zones[$seed % \count($zones)];
                $mats[$zone] = self::mat(
                    $zone,
                    intdiv($seed, 7) % 5,
                    (intdiv($seed, 35) % 11) / 10,
                    0 === intdiv($seed, 385) % 2,
                );
            }
            $mats = array_values($mats);
            $all = self::reckon($mats, $handling, (float) $kg, $coat);
            self::assertGreaterThanOrEqual(0.0, $all->load);
            self::assertLessThanOrEqual(100.0, $all->load);
            $tight = array_sum(
                array_map(
                    static fn (ZoneDecision $z): float => 3 === $z->mat->severity ? $z->workedOut : 0.0,
                    $all->zones,
                ),
            );
            self::assertLessThanOrEqual($all->limit + 1e-9, $tight, 'tight mats are worked on past the limit');
            self::assertTrue($all->worked <= $all->visits() * $all->limit + 1e-6, 'too few visits are offered');
            foreach ($all->zones as $z) {
                self::assertTrue(
                    !$z->mat->zone->tender || $z->workedOut <= $all->tenderLimit + 1e-9,
                    'a tender zone is worked on too long',
                );
                self::assertTrue(
                    Decision::Clip !== $z->decision || $z->mat->severity > 2 || $z->mat->zone->tender,
                    'tangles or separate mats are clipped for the visit\'s sake',
                );
                self::assertTrue(
                    4 !== $z->mat->severity || 0.0 === $z->mat->matted() || Decision::Clip === $z->decision,
                );
                if (
                    null !== $all->even
                    && Decision::Clip === $z->decision
                    && !$z->mat->isClose()
                    && null !== $z->under?->leaves()
                ) {
                    self::assertLessThanOrEqual(
                        $z->under->leaves()->mm(),
                        $all->even['mm'],
                        'longer than a clipped zone still has',
                    );
                }
            }
            self::assertTrue(
                !$coat->isDouble() || null === $all->toArray()['even_out'],
                'a double coat is evened out by itself',
            );
            $this->addingAMat($mats, $all, $handling, (float) $kg, $coat);
            $this->strictnessSavesNothing($mats, (float) $kg, $coat);
        });
    }

    /** @param list<Mat> $mats */
    private function addingAMat(array $mats, MattingAnswer $all, Handling $handling, float $kg, CoatType $coat): void
    {
        $fewer = self::reckon(\array_slice($mats, 0, -1), $handling, $kg, $coat);
        self::assertGreaterThanOrEqual($fewer->load - 1e-9, $all->load, 'another mat lowers the load');
        $held = array_map(
            static fn (ZoneDecision $z): Mat => new Mat(
                $z->mat->zone,
                $z->mat->severity,
                $z->mat->spread,
                $z->mat->clearance,
                $z->decision,
            ),
            $all->zones,
        );
        self::assertGreaterThanOrEqual(
            self::reckon(\array_slice($held, 0, -1), $handling, $kg, $coat)->minutes - 1e-9,
            self::reckon($held, $handling, $kg, $coat)->minutes,
            'with decisions held another mat takes no time',
        );
    }

    /** @param list<Mat> $mats */
    private function strictnessSavesNothing(array $mats, float $kg, CoatType $coat): void
    {
        $before = [];
        foreach ([Handling::Calm, Handling::Fidgety, Handling::Painful] as $handling) {
            $answer = self::reckon($mats, $handling, $kg, $coat);
            foreach ($before as $zone) {
                self::assertSame(Decision::Clip, $answer->decisionFor($zone), "$zone is saved by a stricter tolerance");
            }
            $before = array_keys(self::decisions($answer), 'clip', true);
        }
    }
}
