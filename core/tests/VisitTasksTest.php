<?php

/** What a visit asks of a day: all its minutes, in its order, where they are done, by who may do them. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\StationKind;
use KeenThistle\Core\Day\Task;
use KeenThistle\Core\Day\VisitTasks;
use KeenThistle\Core\Timing\DryWay;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VisitTasksTest extends TestCase
{
    /** @return iterable<string, array{CoatType, Service, list<string>, list<string>}> */
    public static function visits(): iterable
    {
        yield 'a full groom' => [
            CoatType::Curly,
            Service::Full,
            ['prepare', 'bath', 'dry', 'cut'],
            ['groom', 'wash', 'wash', 'groom'],
        ];
        yield 'a bath, all of it a bather\'s' => [
            CoatType::Smooth,
            Service::Bath,
            ['prepare', 'bath', 'dry', 'cut'],
            ['wash', 'wash', 'wash', 'wash'],
        ];
        yield 'nails, nowhere near water' => [CoatType::Wire, Service::Nails, ['prepare', 'cut'], ['wash', 'wash']];
        yield 'a tidy takes a groomer' => [CoatType::SilkyDrop, Service::Tidy, ['prepare', 'cut'], ['groom', 'groom']];
    }

    /**
     * @param list<string> $phases
     * @param list<string> $skills
     */
    #[DataProvider('visits')]
    public function testPhasesByPlaceAndSkillAddUpToTheMinutesThatAreBooked(
        CoatType $coat,
        Service $kind,
        array $phases,
        array $skills,
    ): void {
        $minutes = (new MinutesRule())->estimate(new Work(9.0, $coat, service: $kind, extraMinutes: 10.0));
        $tasks = VisitTasks::of($minutes, $kind);
        self::assertSame($phases, array_map(static fn (Task $t): string => $t->phase, $tasks));
        self::assertSame($skills, array_map(static fn (Task $t): string => $t->skill, $tasks));
        $all = array_sum(array_map(static fn (Task $t): int => $t->ticks, $tasks)) / Day::TICKS;
        self::assertEqualsWithDelta($minutes->sure, $all, 1.0);
        self::assertLessThanOrEqual($minutes->slot + 1, $all, 'it is over when it was promised, if nothing else is on');
    }

    public function testWhatDriesByItselfNeedsAPenAndNobody(): void
    {
        $minutes = (new MinutesRule())->estimate(new Work(9.0, CoatType::Curly, dryWay: DryWay::Air));
        $dry = VisitTasks::of($minutes, Service::Full, DryWay::Air)[2];
        self::assertSame([StationKind::Pen, false], [$dry->station, $dry->attended]);
        self::assertSame([true, false], [$dry->drying, $dry->heated]);
        $forced = VisitTasks::of($minutes, Service::Full, DryWay::Forced, 'with tove');
        self::assertSame([StationKind::Dryer, true], [$forced[2]->station, $forced[2]->attended]);
        self::assertSame('wash', $forced[2]->skill);
        self::assertSame('with tove', $forced[3]->skill, 'whom the owner asked for has it at the table');
    }
}
