<?php

/** What stands on a card at all times, what is booked when a dog leaves, and what its owner is told. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Care\Mishap;
use KeenThistle\Core\Care\NextVisits;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Handling\Standing;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\MatWork;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Today\Facts;
use KeenThistle\Core\Today\TodayRule;
use KeenThistle\Core\Today\Wanted;
use KeenThistle\Core\Zone\Zone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StandingTest extends TestCase
{
    /** @return iterable<string, array{Standing, bool}> */
    public static function dryers(): iterable
    {
        yield 'well' => [new Standing([], 'medium'), false];
        yield 'short face' => [new Standing([], 'flat'), true];
        foreach (['airway', 'heart', 'age', 'seizures', 'surgery'] as $flag) {
            yield $flag => [new Standing(['skin', $flag], 'long'), true];
        }
        yield 'sore joints' => [new Standing(['joints'], 'long'), false];
    }

    #[DataProvider('dryers')]
    public function testWhoIsNeverDriedUnattended(Standing $dog, bool $watched): void
    {
        self::assertSame($watched, $dog->isWatchedWhileDrying());
    }

    public function testTheWorstStandsFirstAndNothingIsSaidTwice(): void
    {
        $dog = new Standing(
            ['in_season', 'age', 'airway'],
            'flat',
            Handling::Frightened,
            [['name' => 'Oat wash', 'on' => '2026-03-01', 'what' => 'wheals']],
            tailCarriage: 'down',
        );
        $codes = array_map(static fn (Caution $c): string => $c->code, $dog->cautions());
        self::assertSame(['airway', 'reaction', 'age', 'handling', 'in_season', 'tail_down'], $codes);
    }

    public function testADogThatHasDiedIsNeverWrittenTo(): void
    {
        $first = (new Standing([], 'long', state: 'passed_away'))->cautions()[0];
        self::assertSame(['gone', Caution::DANGER], [$first->code, $first->level]);
        self::assertStringContainsString('No message is ever sent', $first->message);
    }

    public function testWhatIsBookedNextComesSoonestFirstWithItsReason(): void
    {
        $next = (new NextVisits())->of(
            ['on' => '2026-06-01', 'weeks' => 8, 'clock' => 'length'],
            ['on' => '2026-05-10', 'weeks' => 5, 'clock' => 'undercoat'],
            ['on' => '2026-05-04', 'weeks' => 4],
            ['length', 'pads', 'sanitary'],
            '2026-05-20',
            '2026-05-01',
        );
        self::assertSame(['nails', 'tidy', 'bath', 'full'], array_column($next, 'kind'));
        self::assertSame(
            [
                'dewclaws: nothing wears them',
                '4 weeks: pads and what else grows first',
                '5 weeks: the undercoat clock',
                '8 weeks: the length clock',
            ],
            array_column($next, 'why'),
        );
        self::assertSame(
            [['kind' => 'nails', 'on' => '2026-05-20', 'why' => 'nails or pads due sooner']],
            (new NextVisits())->of(null, null, null, [], '2026-05-20', null),
        );
        $tidy = ['on' => '2026-05-04', 'weeks' => 4];
        self::assertSame(
            ['tidy'],
            array_column((new NextVisits())->of(null, null, $tidy, ['pads'], '2026-05-20', '2026-05-04'), 'kind'),
            'a tidy does the claws as well',
        );
        self::assertSame(
            'nails or pads due sooner',
            (new NextVisits())->of(null, null, $tidy, ['pads'], '2026-04-20', '2026-05-01')[0]['why'],
            'the first of both leads',
        );
    }

    public function testAMishapIsToldPlainly(): void
    {
        self::assertSame(
            'A small nick at the back. Done at once: cleaned. Next: look tomorrow.',
            (new Mishap('nick', 'back', 'cleaned', 'look tomorrow'))->sentence(),
        );
        self::assertSame('We stopped early: it was too much today.', (new Mishap('stopped', '', '', ''))->sentence());
    }

    public function testADaysWorkIsReadFromTodaysListAndTemper(): void
    {
        $wanted = static fn (Tool $tool): Wanted => new Wanted(new Recipe($tool));
        $plan = [
            'back' => $wanted(Tool::guard(Length::ofMillimetres(16), '10')),
            'skull' => $wanted(Tool::hand('leave')),
        ];
        $today = (new TodayRule())->of(
            new Facts(10.0, CoatType::Curly, Handling::Painful, $plan, [
                new Mat(Zone::of('armpit_left'), 2, 0.5),
                new Mat(Zone::of('groin'), 4, 0.5),
            ]),
        );
        $job = Job::today($today, CoatType::Curly, Handling::Painful, 1, 'stuck', ['bath' => 12.0]);
        self::assertSame(['skull', 'back'], array_keys($job->zones), 'clipped mats are items of their own');
        self::assertSame(['armpit_left', 'groin'], array_map(static fn (MatWork $m): string => $m->zone, $job->mats));
        self::assertSame(
            [true, true, true, 'stuck', false],
            [$job->fearsDryer, $job->shortPatience, $job->tires, $job->rearSoil, $job->comesOff],
        );
        $calm = Job::today(
            (new TodayRule())->of(
                new Facts(10.0, CoatType::Curly, Handling::Calm, ['back' => $wanted(Tool::blade('7F'))]),
            ),
            CoatType::Curly,
            Handling::Calm,
            2,
        );
        self::assertSame([false, false, true], [$calm->fearsDryer, $calm->shortPatience, $calm->comesOff]);
    }
}
