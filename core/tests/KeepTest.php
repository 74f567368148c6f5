<?php

/** What a home can keep, and when a patch is seen no more: examples, and what always holds. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Blend\BlendRule;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Converge\ConvergeRule;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Interval\Facts;
use KeenThistle\Core\Interval\IntervalRule;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Keep\Home;
use KeenThistle\Core\Keep\KeepableRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\TestCase;

final class KeepTest extends TestCase
{
    use TestTrait;

    public function testTheWorkedExample(): void
    {
        self::assertSame(5, (new Home(CoatType::Curly))->longest(8));
    }

    public function testAnyLengthNoneAndNotBelowNothing(): void
    {
        self::assertNull((new Home(CoatType::Smooth))->longest(52));
        self::assertNull((new Home(CoatType::Curly, upkeep: Upkeep::Daily))->longest(8));
        self::assertSame(0, (new Home(CoatType::Curly, CoatStage::Changing, Upkeep::Rarely))->longest(26));
        // Half way to the next visit it would be too long already, were it cut to nothing.
        self::assertSame(0, (new Home(CoatType::Curly, upkeep: Upkeep::Rarely))->longest(12));
    }

    public function testMoreCombingIsSaidForTheNextStep(): void
    {
        $answer = (new KeepableRule())->answer(new Home(CoatType::Curly), 8, 10.0, rate: 100.0);
        self::assertSame('alternate_days', $answer['more_combing']['upkeep'] ?? null);
        self::assertSame('combed every other day, any length keeps 8 weeks', $answer['more_combing']['words'] ?? null);
        self::assertCount(10, $answer['lengths']);
        $daily = (new KeepableRule())->answer(new Home(CoatType::Curly, upkeep: Upkeep::Daily), 8);
        self::assertNull($daily['more_combing']);
    }

    public function testTheLongestKeepsAndAMillimetreMoreDoesNot(): void
    {
        $this->forAll(
            Generators::elements(...CoatType::cases()),
            Generators::elements(...CoatStage::cases()),
            Generators::elements(...Upkeep::cases()),
            Generators::choose(1, 26),
            Generators::elements(0.5, 1.0, 1.7),
        )->then(static function (CoatType $coat, CoatStage $stage, Upkeep $upkeep, int $weeks, float $m): void {
            $home = new Home($coat, $stage, $upkeep, $m);
            $longest = $home->longest($weeks);
            if (null === $longest) {
                self::assertLessThanOrEqual(12.0 + 1e-6, $home->load(400.0, $weeks));
            } elseif ($longest > 0) {
                self::assertLessThanOrEqual(12.0 + 1e-6, $home->load((float) $longest, $weeks));
                self::assertGreaterThan(12.0, $home->load($longest + 1.0, $weeks));
            } else {
                self::assertGreaterThan(12.0, $home->load(1.0, $weeks));
            }
            self::assertGreaterThanOrEqual($home->interval(30.0) ?? 999, $home->interval(3.0) ?? 999);
        });
    }

    public function testACoatThatVisitsCannotKeepIsToldWhatCouldBeKept(): void
    {
        $facts = new Facts(
            (new GrowthRule())->learn(CoatType::Curly),
            [new ZoneLeft(Zone::of('back'), Length::ofMillimetres(40))],
            Upkeep::Rarely,
        );
        $said = (new IntervalRule())->next($facts)->advice[0]->message;
        self::assertStringContainsString('rarely combed, up to 14 mm keeps 4 weeks', $said);
    }

    public function testAPatchIsSeenNoMoreAtTheVisitThatIsNamed(): void
    {
        $this->forAll(
            Generators::elements(CoatType::Curly, CoatType::Wire, CoatType::Hairless, CoatType::Smooth),
            Generators::choose(0, 40),
            Generators::choose(0, 60),
            Generators::choose(1, 12),
        )->then(static function (CoatType $coat, int $patch, int $style, int $every): void {
            $growth = (new GrowthRule())->learn($coat);
            $today = new \DateTimeImmutable('2026-11-28');
            $ways = (new ConvergeRule($growth))->ways(
                Length::ofMillimetres($patch),
                Length::ofMillimetres($style),
                $every,
                $today,
            );
            self::assertSame(['keep', 'half_way', 'all_down'], array_column($ways, 'way'));
            self::assertSame(0, $ways[2]['visit'], 'all down to it: nothing is seen today');
            foreach ($ways as $way) {
                $around = Length::ofMillimetres($way['around_mm'])->micrometres();
                $seen = static fn (int $visit): bool => $around -
                    $growth->after(Length::ofMillimetres($patch), $visit * $every, from: $today)->micrometres() >
                    BlendRule::unseen($around) + 100;
                if (null === $way['visit']) {
                    self::assertTrue($seen(intdiv(250, $every)));
                    continue;
                }
                self::assertFalse($seen($way['visit']));
                self::assertSame($way['weeks'], $way['visit'] * $every);
            }
            self::assertLessThanOrEqual($ways[0]['visit'] ?? 999, $ways[1]['visit'] ?? 999);
        });
    }
}
