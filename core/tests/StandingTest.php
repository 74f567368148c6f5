<?php

/** What stands on a card at all times, what is booked when a dog leaves, and what its owner is told. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Care\Mishap;
use KeenThistle\Core\Care\NextVisits;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Handling\Standing;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Reason\Caution;
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
            ['on' => '2026-05-04', 'weeks' => 4],
            ['length', 'pads', 'sanitary'],
            '2026-05-20',
            '2026-05-01',
        );
        self::assertSame(['nails', 'tidy', 'full'], array_column($next, 'kind'));
        self::assertSame(
            ['dewclaws: nothing wears them', '4 weeks: pads and what else grows first', '8 weeks: the length clock'],
            array_column($next, 'why'),
        );
        self::assertSame(
            [['kind' => 'nails', 'on' => '2026-05-20', 'why' => 'claws as they wear']],
            (new NextVisits())->of(null, null, [], '2026-05-20', null),
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

    public function testADaysWorkIsReadFromPlanMatsAndTemper(): void
    {
        $job = Job::today(
            ['back' => [Method::Guard, '16 mm guard over 10'], 'skull' => [Method::Leave, 'leave']],
            CoatType::Curly,
            [new Mat(Zone::of('armpit_left'), 2, 1.0)],
            comingOff: false,
            dryer: 1,
            handling: Handling::Painful,
            phases: ['check' => 4.0, 'bath' => 12.0, 'no such phase' => 1.0],
        );
        self::assertSame(['back' => '16 mm guard over 10'], $job->zones, 'what is left alone is no work');
        self::assertSame([true, true, true, true], [$job->guards, $job->matted, $job->fearsDryer, $job->shortPatience]);
        self::assertSame(['check' => 4.0, 'bath' => 12.0], $job->minutes);
        $calm = Job::today(
            ['back' => [Method::Clip, '7F']],
            CoatType::Curly,
            [new Mat(Zone::of('armpit_left'), 1, 1.0)],
            comingOff: true,
            dryer: 2,
            handling: Handling::Calm,
        );
        self::assertSame(
            [false, false, false, false],
            [$calm->guards, $calm->matted, $calm->fearsDryer, $calm->shortPatience],
        );
    }
}
