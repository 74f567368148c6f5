<?php

/** Growth: learned by precision, held at terminal, slowed and sped by season; and how long a cut takes to grow back. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Growth\Observation;
use KeenThistle\Core\Growth\Recovery;
use KeenThistle\Core\Growth\RecoveryRule;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

final class GrowthTest extends TestCase
{
    use TestTrait;

    private static function seen(
        float $left,
        float $arrival,
        float $weeks,
        string $visit = '',
        bool $ownerCut = false,
    ): Observation {
        return Observation::of(
            Length::ofMillimetres($left),
            Length::ofMillimetres($arrival),
            $weeks,
            $visit,
            ownerCut: $ownerCut,
        );
    }

    public function testWorkedExample(): void
    {
        $growth = (new GrowthRule())->learn(CoatType::Curly, [self::seen(16, 34, 6)]);
        self::assertSame([2.98, 0.3, 1], [round($growth->mmPerWeek, 2), round($growth->sd, 2), $growth->n]);
        self::assertEqualsWithDelta(2.983, $growth->mmPerWeek, 0.0005);
        self::assertEqualsWithDelta(0.303, $growth->sd, 0.0005);
    }

    public function testZonesOfOneVisitCountOnce(): void
    {
        $rule = new GrowthRule();
        $one = $rule->learn(CoatType::Curly, [self::seen(16, 34, 6, 'v1')]);
        $same = $rule->learn(CoatType::Curly, [self::seen(16, 34, 6, 'v1'), self::seen(10, 28, 6, 'v1')]);
        self::assertEqualsWithDelta($one->mmPerWeek, $same->mmPerWeek, 1e-9);
        self::assertSame(
            [1, 2],
            [$same->n, $rule->learn(CoatType::Curly, [self::seen(16, 34, 6, 'v1'), self::seen(10, 28, 6, 'v2')])->n],
        );
    }

    public function testOwnersCutsAndStoppedCoatsTeachNothing(): void
    {
        $growth = (new GrowthRule())->learn(CoatType::Smooth, [self::seen(5, 14.2, 6), self::seen(5, 3, 6, '', true)]);
        self::assertSame([0, 1.5], [$growth->n, $growth->mmPerWeek]);
        self::assertCount(2, array_filter($growth->reasons, static fn ($r): bool => 'left_out' === $r->term));
    }

    public function testSeasonAndStageAreTakenOutBeforeLearning(): void
    {
        $summer = Observation::of(
            Length::ofMillimetres(10),
            Length::ofMillimetres(10 + 6 * 2.9 * 1.1 * 1.1),
            6,
            'v',
            new \DateTimeImmutable('2026-06-10'),
            CoatStage::Puppy,
        );
        self::assertEqualsWithDelta(2.9, (new GrowthRule())->learn(CoatType::Curly, [$summer])->mmPerWeek, 0.001);
        self::assertEqualsWithDelta((2.9 * 1.1) / 0.9, $summer->rate(Season::South), 0.001);
    }

    public function testAShorterArrivalWithoutACutIsAMistake(): void
    {
        try {
            Observation::of(Length::ofMillimetres(16), Length::ofMillimetres(10), 4, field: 'observations[0]');
            self::fail('A coat does not shrink.');
        } catch (InvalidInput $e) {
            self::assertSame('observations[0].arrival_mm', $e->field);
        }
    }

    public function testSeasonIsIntegratedWeekByWeek(): void
    {
        $growth = (new GrowthRule())->learn(CoatType::Curly);
        $from = new \DateTimeImmutable('2026-05-25');
        // the week of 25 May at 1.0, three June weeks at 1.1
        self::assertEqualsWithDelta(
            10 + 2.9 * (1.0 + 3 * 1.1),
            $growth->after(Length::ofMillimetres(10), 4, CoatStage::Adult, $from)->mm(),
            0.001,
        );
        self::assertSame(1.1, Season::South->growthFactor(1));
        self::assertTrue(Season::South->isShedding(9));
        self::assertFalse(Season::North->isShedding(9));
    }

    public function testHairlessStaysBare(): void
    {
        $growth = (new GrowthRule())->learn(CoatType::Hairless, [self::seen(0, 3, 6)]);
        self::assertSame([0.0, 0.0, 0], [$growth->mmPerWeek, $growth->sd, $growth->n]);
    }

    public function testGrowthNeverShrinksNorPassesTerminal(): void
    {
        $this->forAll(
            Generators::elements(...CoatType::cases()),
            Generators::choose(0, 120_000),
            Generators::choose(0, 520),
            Generators::choose(1, 100),
        )->then(static function (CoatType $coat, int $um, int $tenths, int $more): void {
            $growth = (new GrowthRule())->learn($coat);
            $left = Length::ofMicrometres($um);
            $then = $growth->after($left, $tenths / 10);
            $later = $growth->after($left, ($tenths + $more) / 10);
            self::assertFalse($then->shorterThan($left));
            self::assertFalse($later->shorterThan($then));
            if (null !== $coat->terminalMm()) {
                self::assertLessThanOrEqual(max($left->mm(), $coat->terminalMm()), $later->mm());
            }
        });
    }

    public function testMoreVisitsNeverMakeItLessSure(): void
    {
        $this->forAll(Generators::seq(Generators::choose(1, 60)))->then(static function (array $grown): void {
            $sd = \INF;
            $seen = [];
            foreach (array_filter($grown, is_int(...)) as $mm) {
                $growth = (new GrowthRule())->learn(CoatType::Curly, $seen);
                self::assertLessThan($sd, $growth->sd);
                $sd = $growth->sd;
                $seen[] = self::seen(5, 5 + $mm, 6);
            }
            self::assertCount(\count($seen), $grown);
        });
    }

    public function testRecoveryLevels(): void
    {
        $back = static fn (CoatType $coat, float $cut, float $wanted): Recovery => (new RecoveryRule())->weeksBack(
            (new GrowthRule())->learn($coat),
            Length::ofMillimetres($cut),
            Length::ofMillimetres($wanted),
        );
        self::assertSame(Recovery::NONE, $back(CoatType::Curly, 10, 16)->level);
        self::assertSame(Recovery::MONTHS, $back(CoatType::Curly, 3, 40)->level);
        self::assertSame(Recovery::AGREE_FIRST, $back(CoatType::Curly, 3, 90)->level);
        $double = $back(CoatType::ShortDouble, 20, 24);
        self::assertSame(
            [Recovery::AGREE_FIRST, 'may_come_back_different', 'sun_and_cold'],
            [$double->level, $double->cautions[0]->code, $double->cautions[1]->code],
        );
        self::assertSame(Recovery::AGREE_FIRST, $back(CoatType::SlowFineLong, 3, 7)->level, 'cut by more than half');
        self::assertSame(Recovery::NONE, $back(CoatType::SlowFineLong, 4, 7)->level);
        $never = $back(CoatType::Wire, 10, 60);
        self::assertNull($never->weeks);
        self::assertStringContainsString('will not recover by itself', $never->message);
        self::assertSame(0.0, $back(CoatType::Curly, 20, 10)->weeks);
    }
}
