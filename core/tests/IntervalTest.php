<?php

/** When a dog should be back: the worked example, each clock, and what must hold for every dog. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Interval\Facts;
use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Interval\Interval;
use KeenThistle\Core\Interval\IntervalRule;
use KeenThistle\Core\Interval\PastVisit;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\TestCase;

final class IntervalTest extends TestCase
{
    use TestTrait;

    /**
     * @param array<string, float> $zones
     * @param list<PastVisit> $history
     */
    private static function facts(
        CoatType $coat,
        array $zones,
        Upkeep $upkeep = Upkeep::Weekly,
        Finish $finish = Finish::Neat,
        CoatStage $stage = CoatStage::Adult,
        array $history = [],
        ?\DateTimeImmutable $from = null,
        ?int $month = null,
        Ground $ground = Ground::Mixed,
        int $dewclaws = 0,
        bool $handStripped = false,
        ?float $kg = null,
        ?int $matRate = null,
        Handling $handling = Handling::Calm,
    ): Facts {
        $left = [];
        foreach ($zones as $zone => $mm) {
            $left[] = new ZoneLeft(Zone::of($zone), Length::ofMillimetres($mm));
        }

        return new Facts(
            (new GrowthRule())->learn($coat),
            $left,
            $upkeep,
            $finish,
            $stage,
            $history,
            $from,
            $month,
            ground: $ground,
            dewclaws: $dewclaws,
            handStripped: $handStripped,
            kg: $kg,
            handling: $handling,
            matRate: $matRate,
        );
    }

    private static function weeks(Interval $interval, string $clock): ?float
    {
        foreach ($interval->clocks as $c) {
            if ($c->name === $clock) {
                return round($c->weeks, 1);
            }
        }

        return null;
    }

    public function testWorkedExample(): void
    {
        $interval = (new IntervalRule())->next(self::facts(CoatType::Curly, ['back' => 17.0]));
        self::assertSame([4, 'shape', null], [$interval->full, $interval->binding, $interval->tidy]);
        self::assertSame([4.4, 5.4], [self::weeks($interval, 'shape'), self::weeks($interval, 'mat')]);
        foreach ($interval->clocks as $clock) {
            self::assertNotSame([], $clock->reasons, $clock->name);
        }
    }

    public function testShapeWaitsForAFifthOfTheClippedCoat(): void
    {
        // The beard alone (0.6 of 9.6 %) is due early; the back decides. A zone forced by a mat does not count.
        $interval = (new IntervalRule())->next(self::facts(CoatType::Curly, ['back' => 25.0, 'beard' => 3.0]));
        self::assertSame(6.5, self::weeks($interval, 'shape'));
        $facts = new Facts((new GrowthRule())->learn(CoatType::Curly), [
            new ZoneLeft(Zone::of('back'), Length::ofMillimetres(17)),
            new ZoneLeft(Zone::of('ribs_left'), Length::ofMillimetres(24.9), Method::Clip, true),
        ]);
        self::assertSame(4.4, self::weeks((new IntervalRule())->next($facts), 'shape'));
    }

    public function testNoShapeClockPastTerminal(): void
    {
        $interval = (new IntervalRule())->next(self::facts(CoatType::Smooth, ['back' => 10.0]));
        self::assertNull(self::weeks($interval, 'shape'));
        self::assertNull($interval->full);
        self::assertSame(5, $interval->tidy, 'the hygiene clocks lead');
        self::assertNull(self::weeks($interval, 'mat'));
    }

    public function testMatsAreLearnedFromArrivals(): void
    {
        $clean = (new IntervalRule())->next(
            self::facts(
                CoatType::Curly,
                ['back' => 17.0],
                history: [new PastVisit(6, 2.0, Upkeep::Weekly), new PastVisit(6, 3.0, Upkeep::Weekly)],
            ),
        );
        $bad = (new IntervalRule())->next(
            self::facts(CoatType::Curly, ['back' => 17.0], history: [new PastVisit(6, 30.0, Upkeep::Weekly)]),
        );
        self::assertGreaterThan(5.4, self::weeks($clean, 'mat'));
        self::assertLessThan(5.4, self::weeks($bad, 'mat'));
        self::assertSame('mat', $bad->binding);
    }

    public function testATenderMatShortensTheClock(): void
    {
        $with = static fn (int $severity): ?float => self::weeks(
            (new IntervalRule())->next(
                self::facts(CoatType::Curly, ['back' => 17.0], history: [new PastVisit(4, tenderSeverity: $severity)]),
            ),
            'mat',
        );
        self::assertSame([5.4, 5.4, 3.0, 2.4, 2.4], array_map($with, [0, 1, 2, 3, 4]));
        $old = new PastVisit(4, tenderSeverity: 4);
        $calm = array_fill(0, 3, new PastVisit(4));
        self::assertSame(
            5.4,
            self::weeks(
                (new IntervalRule())->next(self::facts(CoatType::Curly, ['back' => 17.0], history: [$old, ...$calm])),
                'mat',
            ),
            'only the last three visits count',
        );
    }

    public function testVisitsAloneCannotKeepSomeCoats(): void
    {
        $interval = (new IntervalRule())->next(
            self::facts(CoatType::Curly, ['back' => 60.0], upkeep: Upkeep::Rarely, stage: CoatStage::Changing),
        );
        self::assertSame(2, $interval->full);
        self::assertSame('visits_cannot_keep_this_coat', $interval->advice[0]->code);
    }

    public function testHygieneClocksNeedWhatTheyAreFor(): void
    {
        $plain = (new IntervalRule())->next(self::facts(CoatType::ShortDouble, ['back' => 30.0]));
        self::assertNull(self::weeks($plain, 'eyes'));
        self::assertNull(self::weeks($plain, 'dewclaws'));
        self::assertSame(
            [5.0, 5.0, 12.0, 8.0],
            [
                self::weeks($plain, 'nails'),
                self::weeks($plain, 'pads'),
                self::weeks($plain, 'undercoat'),
                self::weeks($plain, 'bath'),
            ],
        );
        $all = (new IntervalRule())->next(
            self::facts(
                CoatType::Wire,
                ['fringe' => 20.0],
                stage: CoatStage::Senior,
                ground: Ground::Soft,
                dewclaws: 2,
                handStripped: true,
            ),
        );
        self::assertSame(
            [4.0, 4.0, 4.0, 3.5, 10.0],
            [
                self::weeks($all, 'eyes'),
                self::weeks($all, 'dewclaws'),
                self::weeks($all, 'nails'),
                self::weeks($all, 'pads'),
                self::weeks($all, 'strip'),
            ],
        );
        $spring = (new IntervalRule())->next(self::facts(CoatType::LongDouble, ['back' => 60.0], month: 4));
        self::assertSame(8.0, self::weeks($spring, 'undercoat'));
    }

    public function testHygieneLearnsHalfway(): void
    {
        $interval = (new IntervalRule())->next(
            self::facts(
                CoatType::Curly,
                ['back' => 25.0],
                history: [new PastVisit(6, found: ['pads' => 3.0]), new PastVisit(6, found: ['pads' => 3.0])],
            ),
        );
        self::assertSame(3.5, self::weeks($interval, 'pads'), '5 → 4 → 3.5');
        self::assertSame(3, $interval->tidy);
    }

    public function testAWishIsAnsweredNotOverruled(): void
    {
        $wish = (new IntervalRule())->next(self::facts(CoatType::Curly, ['back' => 17.0], kg: 10.0, matRate: 80), 8)
            ->wish;
        self::assertNotNull($wish);
        self::assertContains('shape', array_column($wish->breaks, 'clock'));
        self::assertSame(40.2, $wish->length?->rounded());
        self::assertGreaterThan(12, $wish->load);
        self::assertGreaterThan(0, $wish->fee);
        $early = (new IntervalRule())->next(self::facts(CoatType::Curly, ['back' => 17.0], kg: 10.0, matRate: 80), 3)
            ->wish;
        self::assertSame([], $early?->breaks);
    }

    public function testSeasonFromADayOrAMonth(): void
    {
        $winter = (new IntervalRule())->next(
            self::facts(CoatType::Curly, ['back' => 17.0], from: new \DateTimeImmutable('2026-12-07')),
        );
        self::assertSame(4.9, self::weeks($winter, 'shape'), '12.75 / (2.9 × 0.9)');
        self::assertSame(
            4.9,
            self::weeks((new IntervalRule())->next(self::facts(CoatType::Curly, ['back' => 17.0], month: 12)), 'shape'),
        );
    }

    public function testMoreUpkeepNeverShortensAndASharperFinishNeverLengthens(): void
    {
        $this->forAll(
            Generators::elements(...CoatType::cases()),
            Generators::choose(1, 90),
            Generators::elements(...CoatStage::cases()),
        )->then(static function (CoatType $coat, int $mm, CoatStage $stage): void {
            $full = static fn (Upkeep $u, Finish $f): int => (new IntervalRule())->next(
                self::facts(
                    $coat,
                    ['back' => (float) $mm, 'foreleg_left' => $mm / 2],
                    upkeep: $u,
                    finish: $f,
                    stage: $stage,
                ),
            )->full ?? 99;
            self::assertGreaterThanOrEqual($full(Upkeep::Rarely, Finish::Neat), $full(Upkeep::Weekly, Finish::Neat));
            self::assertGreaterThanOrEqual($full(Upkeep::Weekly, Finish::Neat), $full(Upkeep::Daily, Finish::Neat));
            self::assertLessThanOrEqual($full(Upkeep::Weekly, Finish::Relaxed), $full(Upkeep::Weekly, Finish::Crisp));
            self::assertGreaterThanOrEqual(2, $full(Upkeep::Rarely, Finish::Crisp));
        });
    }

    public function testADogThatHurtsIsNotWorkedOnPastItsOwnLimit(): void
    {
        $minutes = static fn (Handling $h): float => (new IntervalRule())->next(
            self::facts(CoatType::Curly, ['back' => 30.0], kg: 30.0, handling: $h),
            12,
        )->wish->mattingMinutes ?? -1.0;
        self::assertLessThanOrEqual($minutes(Handling::Calm), $minutes(Handling::Frightened));
        self::assertLessThanOrEqual($minutes(Handling::Calm), $minutes(Handling::Fidgety));
    }
}
