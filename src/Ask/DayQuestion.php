<?php

/** `bin/ask day`: who does what where and when, or who has no place and when they have one. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayPlan;
use KeenThistle\Core\Day\DayRule;
use KeenThistle\Core\Day\Done;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Day\Placed;
use KeenThistle\Core\Day\StationKind;
use KeenThistle\Core\Day\Task;
use KeenThistle\Core\Day\Worker;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class DayQuestion implements Question
{
    private const MOST_DOGS = 40;
    private const MOST_PEOPLE = 20;

    public function name(): string
    {
        return 'day';
    }

    public function summary(): string
    {
        return 'A day laid out: who does what to which dog where and when, at the least lateness, overtime and '.
            'waiting; or who has no place, and the first day that has one.';
    }

    public function shape(): Shape
    {
        $time = static fn (): Shape => Shape::time();
        $jobs = Shape::list($this->job(), 0, self::MOST_DOGS);
        $people = Shape::list($this->person(), 0, self::MOST_PEOPLE);

        return Shape::object([
            'date' => Shape::date()->nullable()->describe('of this day; with it the day that has room has a date'),
            'jobs' => $jobs->required(),
            'people' => $people->required(),
            'stations' => Shape::object([
                ...array_map(
                    static fn (): Shape => Shape::integer(0, 40)->default(0),
                    ['tub' => 0, 'dryer' => 0, 'table' => 0, 'pen' => 0],
                ),
                'lift_tables' => Shape::integer(0, 40)->default(0)->describe('how many of the tables lift'),
            ])->required(),
            'lift_limit_kg' => Shape::kilograms()
                ->default(20.0)
                ->describe('heavier dogs go on a lift table, or two people lift them on'),
            'now' => $time()->nullable()->describe('nothing more begins before it'),
            'plan' => Shape::list(
                Shape::object([
                    'job' => Shape::line(1, 80)->required(),
                    'phase' => Shape::integer(0, 39)->required()->describe('number of the phase, from 0'),
                    'person' => Shape::line(1, 80)->nullable(),
                    'from' => $time()->required(),
                ]),
                0,
                1600,
            )
                ->default([])
                ->describe('the plan before: as little as can be is moved from it'),
            'later' => Shape::list(
                Shape::object([
                    'in_days' => Shape::integer(1, DayRule::AHEAD)->required(),
                    'jobs' => $jobs->default([]),
                    'people' => $people->nullable()->describe('left out: as on this day; none: closed'),
                ]),
                0,
                DayRule::AHEAD,
            )
                ->default([])
                ->describe('other days; one that is not given is empty'),
        ]);
    }

    private function job(): Shape
    {
        return Shape::object([
            'id' => Shape::line(1, 80)->required(),
            'arrives' => Shape::time()->required(),
            'promised' => Shape::time()->required(),
            'home' => Shape::line(0, 80)->default('')->describe('dogs of one home come together or not at all'),
            'kg' => Shape::kilograms()->nullable(),
            'settle_minutes' => Shape::number(0, 120, 'minutes')
                ->default(0.5)
                ->describe('from its arrival to the first thing that is done'),
            'able' => Shape::list(Shape::line(1, 80), 0, self::MOST_PEOPLE)
                ->nullable()
                ->describe('who may have it; left out: everybody'),
            'never_alone' => Shape::boolean()
                ->default(false)
                ->describe('short-faced, old, ill or flagged: never dried unattended'),
            'phases' => Shape::list(
                Shape::object([
                    'phase' => Shape::line(1, 40)->required(),
                    'minutes' => Shape::number(0, 1440, 'minutes', above: true)->required(),
                    'station' => Shape::enum(StationKind::class, 'station')->default('none'),
                    'person' => Shape::boolean()->default(true)->describe('false: nobody is needed'),
                    'skill' => Shape::line(0, 40)->default(''),
                    'drying' => Shape::boolean()->nullable()->describe('left out: on a dryer, or called dry'),
                    'heated' => Shape::boolean()->nullable()->describe('left out: on a dryer'),
                ]),
                1,
                40,
            )->required(),
            'started' => Shape::list(
                Shape::object([
                    'from' => Shape::time()->required(),
                    'to' => Shape::time()->required()->describe('when it ended, or is expected to'),
                    'person' => Shape::line(1, 80)->nullable(),
                ]),
                0,
                40,
            )
                ->default([])
                ->describe('its first phases, those that have begun: they stay'),
        ]);
    }

    private function person(): Shape
    {
        return Shape::object([
            'id' => Shape::line(1, 80)->required(),
            'from' => Shape::time()->required(),
            'to' => Shape::time()->required(),
            'breaks' => Shape::list(
                Shape::object(['from' => Shape::time()->required(), 'to' => Shape::time()->required()]),
                0,
                8,
            )->default([]),
            'skills' => Shape::list(Shape::line(1, 40), 0, 40)->nullable()->describe('left out: all'),
            'heavy_dogs' => Shape::integer(0, 40)->nullable()->describe('heavy dogs a day, at most'),
            'strip_minutes' => Shape::number(0, 1440, 'minutes')->nullable()->describe('of stripping a day, at most'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $day = $this->day($in, $in->objects('people'), $in);
        $later = [];
        foreach ($in->objects('later') as $i => $other) {
            $n = $other->int('in_days');
            if (isset($later[$n])) {
                throw InvalidInput::at("later[$i].in_days", 'is there twice');
            }
            $people = $other->has('people') ? $other->objects('people') : $in->objects('people');
            $later[$n] = $this->day($other, $people, $in);
        }

        $plan = (new DayRule())->plan($day, static fn (int $n): ?Day => $later[$n] ?? null);

        return $this->said($plan, $in->dateOrNull('date'));
    }

    /** @param list<Fields> $people */
    private function day(Fields $of, array $people, Fields $in): Day
    {
        $stations = $in->object('stations');
        if ($stations->int('lift_tables') > $stations->int('table')) {
            throw InvalidInput::at('stations.lift_tables', 'are tables too: there are not so many');
        }
        $workers = $jobs = $before = [];
        foreach ($people as $p) {
            $worker = self::worker($p);
            if (isset($workers[$worker->id])) {
                throw InvalidInput::at($p->pathOf('id'), "$worker->id is there twice");
            }
            $workers[$worker->id] = $worker;
        }
        foreach ($of->objects('jobs') as $j) {
            $job = self::jobOf($j, $in->float('lift_limit_kg'));
            if (isset($jobs[$job->id])) {
                throw InvalidInput::at($j->pathOf('id'), "$job->id is there twice");
            }
            $jobs[$job->id] = $job;
        }
        if ($of === $in) {
            foreach ($in->objects('plan') as $p) {
                $before[$p->text('job').' '.$p->int('phase')] = [self::tick($p, 'from'), $p->textOrNull('person')];
            }
        }

        return new Day(
            array_values($jobs),
            array_values($workers),
            array_map($stations->int(...), ['tub' => 'tub', 'dryer' => 'dryer', 'table' => 'table', 'pen' => 'pen']),
            $stations->int('lift_tables'),
            $of === $in && $in->has('now') ? self::tick($in, 'now') : 0,
            $before,
        );
    }

    private static function worker(Fields $p): Worker
    {
        [$from, $to] = self::span($p);
        $breaks = [];
        foreach ($p->objects('breaks') as $b) {
            $breaks[] = [$begin, $end] = self::span($b);
            if ($begin < $from || $end > $to) {
                throw InvalidInput::at($b->pathOf('from'), 'is outside the hours of '.$p->text('id'));
            }
        }
        sort($breaks);
        $strip = $p->floatOrNull('strip_minutes');

        return new Worker(
            $p->text('id'),
            $from,
            $to,
            $breaks,
            $p->has('skills') ? $p->texts('skills') : null,
            $p->intOrNull('heavy_dogs'),
            null === $strip ? null : (int) round($strip * Day::TICKS),
        );
    }

    private static function jobOf(Fields $j, float $limit): Job
    {
        $tasks = array_map(static function (Fields $t): Task {
            $station = $t->enum('station', StationKind::class);
            $dryer = StationKind::Dryer === $station;

            return new Task(
                $t->text('phase'),
                (int) ceil(round($t->float('minutes') * Day::TICKS, 6)),
                $station,
                $t->bool('person'),
                $t->text('skill'),
                $t->boolOrNull('drying') ?? ($dryer || 'dry' === $t->text('phase')),
                $t->boolOrNull('heated') ?? $dryer,
            );
        }, $j->objects('phases'));
        $arrives = self::tick($j, 'arrives');
        if (self::tick($j, 'promised') < $arrives) {
            throw InvalidInput::at($j->pathOf('promised'), 'is before it arrives');
        }
        $started = [];
        foreach ($j->objects('started') as $s) {
            [$from, $to] = self::span($s);
            $started[] = new Done($from, $to, $s->textOrNull('person'));
        }
        if (\count($started) > \count($tasks)) {
            throw InvalidInput::at($j->pathOf('started'), 'are more than it has phases');
        }

        return new Job(
            $j->text('id'),
            $arrives,
            self::tick($j, 'promised'),
            $tasks,
            (int) ceil(round($j->float('settle_minutes') * Day::TICKS, 6)),
            $j->text('home'),
            $j->has('able') ? $j->texts('able') : null,
            ($j->floatOrNull('kg') ?? 0.0) > $limit,
            $j->bool('never_alone'),
            $started,
        );
    }

    /** @return array{int, int} ticks */
    private static function span(Fields $of): array
    {
        $span = [self::tick($of, 'from'), self::tick($of, 'to')];
        if ($span[1] <= $span[0]) {
            throw InvalidInput::at($of->pathOf('to'), 'must be later than from');
        }

        return $span;
    }

    private static function tick(Fields $of, string $name): int
    {
        return $of->int($name) * Day::TICKS;
    }

    /** @return array<string, mixed> */
    private function said(DayPlan $plan, ?\DateTimeImmutable $date): array
    {
        $minutes = static fn (int $ticks): float => $ticks / Day::TICKS;

        return [
            'cost' => round($plan->cost, 1),
            'bound' => round($plan->bound, 1),
            'proven' => $plan->proven,
            'late_minutes' => $minutes($plan->late),
            'overtime_minutes' => $minutes($plan->over),
            'waiting_minutes' => $minutes($plan->waiting),
            'plan' => array_map(static fn (Placed $p): array => [
                'job' => $p->job->id,
                'phase' => $p->phase,
                'name' => $p->task()->phase,
                'station' => $p->task()->station->value,
                'unit' => $p->unit,
                'person' => $p->person,
                'helper' => $p->helper,
                'from' => self::clock($p->from),
                'to' => self::clock($p->to),
                'begun' => $p->begun,
            ], $plan->placed),
            'dogs' => array_map(static fn (Job $j): array => [
                'job' => $j->id,
                'ends' => self::clock($plan->endOf($j) ?? 0),
                'late_minutes' => $minutes($plan->lateOf($j)),
                'waiting_minutes' => $minutes($plan->waitingOf($j)),
            ], $plan->day->jobs),
            'people' => array_map(static fn (Worker $w): array => [
                'person' => $w->id,
                'overtime_minutes' => $minutes($plan->overOf($w)),
            ], $plan->day->people),
            'unfit' => array_map(static fn (array $u): array => [
                'jobs' => $u['jobs'],
                'why' => $u['why'],
                'in_days' => $u['in_days'],
                'date' => null === $date || null === $u['in_days']
                    ? null
                    : $date->modify("+{$u['in_days']} days")->format('Y-m-d'),
            ], $plan->unfit),
            'moved' => array_map(static fn (array $m): array => [
                'job' => $m[0]->job->id,
                'phase' => $m[0]->phase,
                'was' => self::clock($m[1][0]),
                'was_person' => $m[1][1],
            ], $plan->moved()),
            'warnings' => Caution::listToArray($plan->cautions),
            'reasons' => Reason::listToArray($plan->reasons()),
        ];
    }

    /** With seconds where it is half a minute. */
    private static function clock(int $tick): string
    {
        $half = 0 === $tick % Day::TICKS ? '' : ':30';

        return \sprintf('%02d:%02d%s', intdiv($tick, 60 * Day::TICKS), intdiv($tick, Day::TICKS) % 60, $half);
    }
}
