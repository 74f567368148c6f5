<?php

/** A day laid out: it holds, nothing is cheaper on small days, what does not fit is named, a delay moves little. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayPlan;
use KeenThistle\Core\Day\DayRule;
use KeenThistle\Core\Day\Done;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Day\Placed;
use KeenThistle\Core\Day\StationKind;
use KeenThistle\Core\Day\Task;
use KeenThistle\Core\Day\Worker;
use KeenThistle\Core\Reason\Caution;
use PHPUnit\Framework\TestCase;

final class DayTest extends TestCase
{
    use TestTrait;

    private const NINE = 2 * 540;
    private const STATIONS = ['tub' => 1, 'dryer' => 1, 'table' => 2, 'pen' => 2];

    /** @param list<Task> $tasks */
    private static function job(string $id, array $tasks, string $home = '', bool $never = false): Job
    {
        return new Job($id, self::NINE, self::NINE + 480, $tasks, 1, $home, neverAlone: $never);
    }

    private static function clip(int $minutes, string $skill = ''): Task
    {
        return new Task('clip', 2 * $minutes, StationKind::Table, skill: $skill);
    }

    private static function worker(string $id, int $hours = 8): Worker
    {
        return new Worker($id, self::NINE, self::NINE + 120 * $hours);
    }

    public function testEveryDayHolds(): void
    {
        $this->limitTo(12)
            ->forAll(Generators::choose(1, 100_000), Generators::choose(1, 7), Generators::choose(1, 3))
            ->then(static function (int $seed, int $dogs, int $people): void {
                $plan = (new DayRule())->plan(DayChecks::seeded($seed, $dogs, $people));
                DayChecks::hold($plan);
                self::assertFalse($plan->day->isTooMuch());
                $out = array_merge([], ...array_column($plan->unfit, 'jobs'));
                self::assertCount($dogs, [...$out, ...$plan->day->jobs]);
            });
    }

    public function testNoOtherDayIsCheaper(): void
    {
        for ($seed = 1; $seed <= 12; ++$seed) {
            $day = DayChecks::seeded(7 * $seed, 3, 1 + $seed % 2, 2);
            // Lifting is not looked at by trying all.
            $jobs = array_map(
                static fn (Job $j): Job => new Job($j->id, $j->arrives, $j->promised, $j->tasks, 1),
                $day->jobs,
            );
            $plan = (new DayRule())->plan($day->with($jobs));
            self::assertSame([], $plan->unfit);
            self::assertTrue($plan->proven, "seed $seed");
            self::assertSame($plan->cost, $plan->bound);
            self::assertEqualsWithDelta(DayChecks::least($day->with($jobs)), $plan->cost, 1e-9, "seed $seed");
        }
    }

    public function testAPersonWaitsForTheDogThatIsPromisedFirst(): void
    {
        // Whoever takes the first that comes is 55 minutes late with the second.
        $soon = new Job('soon', self::NINE + 10, self::NINE + 10 + 122, [self::clip(60)], 1);
        $long = new Job('long', self::NINE, self::NINE + 480, [self::clip(60)], 1);
        $plan = (new DayRule())->plan(new Day([$long, $soon], [self::worker('tove')], self::STATIONS));
        self::assertSame(['soon', 'long'], array_map(static fn (Placed $p): string => $p->job->id, $plan->placed));
        self::assertSame(0, $plan->late);
    }

    public function testADryingDogLeavesItsGroomerFreeUnlessItMayNotBeAlone(): void
    {
        $dry = static fn (bool $heated): Task => new Task(
            'dry',
            120,
            StationKind::Pen,
            false,
            drying: true,
            heated: $heated,
        );
        $day = static fn (bool $never, bool $heated = false): DayPlan => (new DayRule())->plan(
            new Day(
                [
                    self::job('a', [$dry($heated)], never: $never),
                    self::job('b', [self::clip(60)]),
                ],
                [self::worker('tove')],
                self::STATIONS,
            ),
        );
        self::assertSame(2, $day(false)->waiting, 'half a minute each to settle');
        foreach ([$day(true), $day(false, true)] as $plan) {
            self::assertGreaterThanOrEqual(60 * 2, $plan->waiting);
            self::assertSame(['never_dried_alone'], array_column(Caution::listToArray($plan->cautions), 'code'));
        }
    }

    public function testWhatDoesNotFitIsNamedWithTheFirstDayThatHasRoom(): void
    {
        $jobs = array_map(static fn (int $n): Job => self::job("dog$n", [self::clip(179)]), range(1, 5));
        $day = new Day($jobs, [self::worker('tove')], self::STATIONS);
        $busy = [self::job('x', [self::clip(300)]), self::job('y', [self::clip(200)])];
        $full = new Day($busy, $day->people, self::STATIONS);
        $closed = new Day([], [], self::STATIONS);
        $plan = (new DayRule())->plan($day, static fn (int $n): ?Day => [1 => $full, 2 => $closed][$n] ?? null);
        DayChecks::hold($plan);
        self::assertCount(3, $plan->day->jobs, 'nine hours with one over hold three of three hours');
        self::assertSame([3, 3], array_column($plan->unfit, 'in_days'));
        self::assertStringContainsString('more than an hour over', $plan->unfit[0]['why']);
        $strip = [self::job('a', [self::clip(20, 'strip')])];
        $never = (new DayRule())->plan(new Day($strip, [new Worker('b', 1080, 2040, [], [])], self::STATIONS));
        self::assertNull($never->unfit[0]['in_days']);
        self::assertSame('nobody who is there may do this: clip, for a', $never->unfit[0]['why']);
        $bath = [self::job('a', [new Task('bath', 20, StationKind::Tub)])];
        $tub = (new DayRule())->plan(new Day($bath, [self::worker('b')], ['tub' => 0] + self::STATIONS));
        self::assertStringContainsString('no tub', $tub->unfit[0]['why']);
    }

    public function testMoreWorkThanThereArePeopleIsTooMuchWhateverTheOrder(): void
    {
        $job = static fn (string $id): Job => new Job($id, self::NINE, self::NINE + 600, [new Task('cut', 360)], 1);
        $day = new Day([$job('a'), $job('b'), $job('c')], [self::worker('p', 8)], []);
        self::assertFalse($day->isTooMuch(), 'nine hours, the last of them overtime');
        self::assertTrue($day->with([...$day->jobs, $job('d')])->isTooMuch());
        $lunch = new Worker('p', self::NINE, self::NINE + 960, [[self::NINE + 360, self::NINE + 361]]);
        self::assertTrue((new Day($day->jobs, [$lunch], []))->isTooMuch(), 'half a minute too little');
    }

    public function testDogsOfOneHomeComeTogetherOrNotAtAll(): void
    {
        $jobs = [
            self::job('one', [self::clip(200)]),
            self::job('two', [self::clip(200)]),
            self::job('left', [self::clip(100)], home: 'moor'),
            self::job('right', [self::clip(100)], home: 'moor'),
        ];
        $plan = (new DayRule())->plan(new Day($jobs, [self::worker('tove')], self::STATIONS));
        foreach ($plan->unfit as $unfit) {
            self::assertContains(\count($unfit['jobs']), [1, 2]);
        }
        $there = array_map(static fn (Job $j): string => $j->id, $plan->day->jobs);
        self::assertSame(\in_array('left', $there, true), \in_array('right', $there, true));
        self::assertGreaterThanOrEqual(2, \count($there));
    }

    public function testLimitsOfOneBodyAreHard(): void
    {
        $strip = static fn (int $n): Job => self::job("strip$n", [new Task('strip', 120, StationKind::Table)]);
        $worker = new Worker('tove', self::NINE, self::NINE + 960, [], null, null, 180);
        $plan = (new DayRule())->plan(new Day([$strip(1), $strip(2)], [$worker], self::STATIONS));
        self::assertCount(1, $plan->unfit, 'one hour and a half of stripping hold one of an hour');
        $heavy = static fn (int $n): Job => new Job(
            "heavy$n",
            self::NINE,
            self::NINE + 900,
            [self::clip(30)],
            1,
            heavy: true,
        );
        $two = array_map(
            static fn (string $id): Worker => new Worker($id, self::NINE, self::NINE + 960, heavyMost: 1),
            ['a', 'b'],
        );
        $plan = (new DayRule())->plan(new Day([$heavy(1), $heavy(2)], $two, self::STATIONS));
        DayChecks::hold($plan);
        self::assertCount(2, array_unique(array_map(static fn (Placed $p): ?string => $p->person, $plan->placed)));
        self::assertSame([true, true], array_map(static fn (Placed $p): bool => null !== $p->helper, $plan->placed));
        $lift = (new DayRule())->plan(new Day([$heavy(1)], $two, self::STATIONS, 1));
        $on = [$lift->placed[0]->unit, $lift->placed[0]->helper];
        self::assertSame([2, null], $on, 'the lift table needs no second person');
        $alone = (new DayRule())->plan(new Day([$heavy(1)], [self::worker('a')], self::STATIONS));
        self::assertCount(1, $alone->unfit, 'nobody lifts it alone');
    }

    public function testADelayKeepsWhatHasBegunAndMovesLittle(): void
    {
        for ($seed = 1; $seed <= 4; ++$seed) {
            $day = DayChecks::seeded(13 * $seed, 5, 2);
            $first = (new DayRule())->plan($day);
            $now = self::NINE + 2 * 75;
            $before = $jobs = [];
            foreach ($first->placed as $p) {
                $before["{$p->job->id} $p->phase"] = [$p->from, $p->person];
            }
            foreach ($first->day->jobs as $job) {
                $started = [];
                foreach ($first->placed as $p) {
                    if ($p->job === $job && $p->from < $now) {
                        // What is being done takes ten minutes longer.
                        $started[$p->phase] = new Done($p->from, $p->to > $now ? $p->to + 20 : $p->to, $p->person);
                    }
                }
                $jobs[] = new Job(
                    $job->id,
                    $job->arrives,
                    $job->promised,
                    $job->tasks,
                    1,
                    heavy: $job->heavy,
                    started: array_values($started),
                );
            }
            $again = (new DayRule())->plan(new Day($jobs, $day->people, $day->stations, 0, $now, $before));
            foreach ($again->placed as $p) {
                if ($p->begun) {
                    $was = $before["{$p->job->id} $p->phase"];
                    self::assertSame($was, [$p->from, $p->person], 'what has begun stays');
                } else {
                    self::assertGreaterThanOrEqual($now, $p->from);
                }
            }
            $free = (new DayRule())->plan(new Day($jobs, $day->people, $day->stations, 0, $now));
            $moves = static fn (DayPlan $plan): int => \count((new DayPlan(
                new Day($plan->day->jobs, $day->people, $day->stations, 0, $now, $before),
                $plan->placed,
                0,
                false,
                [],
                [],
            ))->moved());
            self::assertLessThanOrEqual($moves($free), \count($again->moved()), "seed $seed");
        }
    }

    public function testAnEmptyDayCostsNothing(): void
    {
        $plan = (new DayRule())->plan(new Day([], [self::worker('tove')], self::STATIONS));
        self::assertSame([0.0, 0.0, []], [$plan->cost, $plan->bound, $plan->placed]);
    }
}
