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
use KeenThistle\Core\Interval\Next;
use KeenThistle\Core\Interval\PastVisit;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Timing\Service;
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
        self::assertSame(
            [8, null, 5, 'bath'],
            [$interval->bath, $interval->tidy, $interval->nails, $interval->binding],
        );
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
        self::assertSame([15, 1, 'shape'], [$interval->full, $interval->bath, $interval->binding]);
        self::assertSame(
            ['visits_cannot_keep_this_coat', 'comb_out_only'],
            array_map(static fn (Caution $c): string => $c->code, $interval->advice),
        );
        self::assertTrue($interval->combOut, 'a bath every week dries the skin: combed through without shampoo');
    }

    public function testMatsLeadTheFullGroomOnlyShortlyBeforeTheOutline(): void
    {
        // Outline 4.4 weeks; mats after 3.4 weeks lead it, after 2 they ask for a bath of their own.
        $with = static fn (float $weeks, CoatType $coat = CoatType::Curly): Interval => (new IntervalRule())->next(
            self::facts($coat, ['back' => 17.0], history: [new PastVisit($weeks, tenderSeverity: 3)]),
        );
        $near = $with(3.4 / 0.6);
        self::assertSame(['mat', 3, null], [$near->binding, $near->full, $near->bath]);
        self::assertSame(Service::Full, $near->next?->kind);
        $far = $with(2.0 / 0.6);
        self::assertSame(['shape', 4, 2], [$far->binding, $far->full, $far->bath]);
        self::assertSame([Service::Bath, ['mat']], [$far->next?->kind, $far->next?->because]);
        $double = $with(6.0 / 0.6, CoatType::LongDouble);
        self::assertSame('shape', $double->binding, 'a double coat is never clipped short for its mats');
    }

    public function testEveryClockRunsFromItsOwnReset(): void
    {
        $facts = static fn (float ...$since): Facts => new Facts(
            (new GrowthRule())->learn(CoatType::Curly),
            [new ZoneLeft(Zone::of('back'), Length::ofMillimetres(40))],
            Upkeep::Daily,
            Finish::Relaxed,
            since: array_filter($since, \is_string(...), \ARRAY_FILTER_USE_KEY),
            kg: 10.0,
        );
        $next = static fn (float ...$since): ?Next => (new IntervalRule())->next($facts(...$since))->next;
        self::assertSame([5, Service::Tidy], [$next()?->weeks, $next()?->kind]);
        $pads = $next(pads: 3.0, nails: 1.0);
        self::assertSame([2, Service::Tidy, ['pads']], [$pads?->weeks, $pads?->kind, $pads?->because]);
        self::assertSame('In 2 weeks, a tidy of 30 min: pads; the full groom in 16.', $pads?->words());
        $claws = $next(nails: 9.0);
        self::assertSame([0, Service::Nails, ['nails']], [$claws?->weeks, $claws?->kind, $claws?->because]);
        self::assertSame(Service::Bath, $next(bath: 7.5)?->kind);
        self::assertSame(Service::Full, $next(shape: 16.0)?->kind);
        self::assertSame(5, $next(ears: 20.0)?->weeks, 'ears are looked at at every visit, never its reason');
    }

    public function testTheFringeReachesTheEye(): void
    {
        $fringe = static fn (float $mm): ?float => (new IntervalRule())->next(
            self::facts(CoatType::Curly, ['fringe' => $mm]),
        )->fringe;
        self::assertEqualsWithDelta(18.0 / 2.9, (float) $fringe(12.0), 1e-9);
        self::assertSame(0.0, $fringe(40.0));
        self::assertNull((new IntervalRule())->next(self::facts(CoatType::Curly, ['back' => 12.0]))->fringe);
    }

    public function testWhatAVisitSetsBack(): void
    {
        self::assertNull(Service::Full->resets());
        self::assertContains('mat', Service::Bath->resets() ?? []);
        self::assertNotContains('bath', Service::Tidy->resets() ?? []);
        self::assertSame(['nails', 'dewclaws'], Service::Nails->resets());
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
            $of = static fn (Upkeep $u, Finish $f): Interval => (new IntervalRule())->next(
                self::facts(
                    $coat,
                    ['back' => (float) $mm, 'foreleg_left' => $mm / 2],
                    upkeep: $u,
                    finish: $f,
                    stage: $stage,
                ),
            );
            // Mats that come long before the outline ask for a bath; shortly before it they lead the full groom.
            $first = static fn (Interval $i): int => min($i->full ?? 99, $i->bath ?? 99);
            $full = static fn (Upkeep $u, Finish $f): int => $first($of($u, $f));
            self::assertGreaterThanOrEqual($full(Upkeep::Rarely, Finish::Neat), $full(Upkeep::Weekly, Finish::Neat));
            self::assertGreaterThanOrEqual($full(Upkeep::Weekly, Finish::Neat), $full(Upkeep::Daily, Finish::Neat));
            self::assertLessThanOrEqual($full(Upkeep::Weekly, Finish::Relaxed), $full(Upkeep::Weekly, Finish::Crisp));
            $rough = $of(Upkeep::Rarely, Finish::Crisp);
            self::assertGreaterThanOrEqual(2, $rough->full ?? 2);
            $ahead = array_values(
                array_filter(
                    [$rough->full, $rough->bath, $rough->tidy, $rough->nails],
                    static fn (?int $w): bool => null !== $w,
                ),
            );
            self::assertNotSame([], $ahead);
            self::assertCount(\count($ahead), array_unique($ahead), 'two visits in one week');
            self::assertGreaterThanOrEqual(1, min($ahead));
            self::assertLessThanOrEqual(26, max($ahead));
            self::assertLessThanOrEqual(min($ahead), $rough->next->weeks ?? 99, 'later than its earliest clock');
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
