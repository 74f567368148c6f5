<?php

/** Lays today out as it stands now, place by place, and says what is best moved so that promises are kept. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Agenda\AgendaReader;
use KeenThistle\Agenda\CompanyOfDay;
use KeenThistle\Agenda\Crew;
use KeenThistle\Agenda\LaidOut;
use KeenThistle\Book\Reach;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayPlan;
use KeenThistle\Core\Day\Placed;
use KeenThistle\Core\Round\CheckInRule;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Table\BoardView;
use KeenThistle\Table\TableTimers;
use Psr\Clock\ClockInterface;

final readonly class FloorReader
{
    /** The day is laid out anew every so many minutes, and whenever something changes. */
    private const GRID = 5;
    /** Less is not worth moving anybody. */
    private const MOVED = 10 * Day::TICKS;
    private const ORDER = ['table', 'rests', 'here', 'expected', 'ready', 'gone'];

    public function __construct(
        private Scope $scope,
        private Today $today,
        private AgendaReader $agenda,
        private TableTimers $timers,
        private ClockInterface $clock,
        private LaidOut $laid,
    ) {
    }

    public function view(Actor $actor): FloorView
    {
        $at = $this->clock->now();
        $zone = new \DateTimeZone($this->scope->salon($actor)->timeZone);
        $dogs = $this->today->of($actor);
        [$salonPlaces, $staff] = $this->agenda->salon($actor);
        $crews = AgendaReader::crews([$salonPlaces, $staff], $this->scope->today($actor));
        $names = [];
        foreach ($staff as $s) {
            $names[(string) $s->id] = $s->name;
        }
        $now = OnTheFloor::tick($at, $zone);
        $plans = $this->plans($dogs, $crews, $now, $zone, array_flip($names));
        $rows = array_map(
            fn (OnTheFloor $o): FloorDogView => $this->dog($actor, $o, $plans, $names, $at, $zone),
            $dogs,
        );
        usort($rows, static fn (FloorDogView $a, FloorDogView $b): int => [
            0 === $a->late ? 1 : 0,
            array_search($a->stage, self::ORDER, true),
            $a->promised ?? '99:99',
            $a->name,
        ] <=> [
            0 === $b->late ? 1 : 0,
            array_search($b->stage, self::ORDER, true),
            $b->promised ?? '99:99',
            $b->name,
        ]);
        $byId = [];
        foreach ($dogs as $o) {
            $byId[$o->id()] = $o;
        }

        return new FloorView(
            BoardView::at($at),
            $this->scope->today($actor)->format('Y-m-d'),
            $rows,
            self::people($crews, $plans, $dogs, $byId),
            self::moves($plans, $byId, $names),
            self::crowded($dogs, $crews),
            self::apart($dogs, $crews, $now, $zone),
            array_merge([], ...array_map(static fn (DayPlan $p): array => array_map(
                static fn (array $u): array => [
                    'names' => array_map(static fn (string $id): string => $byId[$id]->dog->name, $u['jobs']),
                    'begun' => [] !== array_filter(
                        $u['jobs'],
                        static fn (string $id): bool => null !== $byId[$id]->groom,
                    ),
                    'why' => str_replace(
                        $u['jobs'],
                        array_map(static fn (string $id): string => $byId[$id]->dog->name, $u['jobs']),
                        $u['why'],
                    ),
                ],
                $p->unfit,
            ), $plans)),
            (int) ceil(array_sum(array_map(static fn (DayPlan $p): int => $p->late, $plans)) / Day::TICKS),
            self::unheard($dogs, $at, $zone),
        );
    }

    /**
     * @param list<OnTheFloor> $dogs
     *
     * @return list<string>
     */
    private static function unheard(array $dogs, \DateTimeImmutable $now, \DateTimeZone $zone): array
    {
        $out = [];
        foreach ($dogs as $o) {
            $groom = $o->groom;
            if (null === $groom || 'van' !== $groom->place->kind || !\in_array($o->stage(), ['table', 'rests'], true)) {
                continue;
            }
            [$who, $heard] = [$groom->openedBy->name, $groom->openedAt];
            foreach ($o->board->people ?? [] as $name => $at) {
                [$who, $heard] = $at > $heard ? [(string) $name, $at] : [$who, $heard];
            }
            $due = $groom->openedAt->modify(\sprintf('+%d minutes', (int) ceil($groom->estimate['likely'] ?? 0)));
            if (CheckInRule::isMissed($heard, $due, $now)) {
                $out[] = CheckInRule::words(
                    $who,
                    $o->dog->name,
                    $heard->setTimezone($zone)->format('H:i'),
                );
            }
        }

        return $out;
    }

    /**
     * @param list<OnTheFloor> $dogs
     * @param list<Crew> $crews
     *
     * @return list<string>
     */
    private static function apart(array $dogs, array $crews, int $now, \DateTimeZone $zone): array
    {
        $guests = [];
        foreach ($dogs as $o) {
            $came = $o->came();
            $from = match (true) {
                null !== $came => OnTheFloor::tick($came, $zone),
                null !== $o->booking => Crew::tick($o->booking->time),
                default => null,
            };
            if (null !== $from && 'gone' !== $o->stage()) {
                // Who is still there has not gone yet, whatever was promised.
                $until = max($o->promised($zone) ?? $from, null === $came ? $from : $now);
                $guests[self::placeOf($o, $crews)][] = CompanyOfDay::between(
                    $o->dog,
                    intdiv($from, Day::TICKS),
                    intdiv($until, Day::TICKS) + 1,
                );
            }
        }
        $out = [];
        foreach ($guests as $i => $there) {
            foreach (CompanyOfDay::cautions($there, ($crews[$i] ?? null)?->place->loudHours()) as $caution) {
                $out[] = $caution->message;
            }
        }

        return $out;
    }

    /**
     * @param list<OnTheFloor> $dogs
     * @param list<Crew> $crews
     * @param array<string, string> $ids of people, by name
     *
     * @return list<DayPlan> by place
     */
    public function plans(array $dogs, array $crews, int $now, \DateTimeZone $zone, array $ids): array
    {
        $grid = self::GRID * Day::TICKS;
        $now = intdiv($now, $grid) * $grid;
        $morning = $live = array_fill(0, \count($crews), []);
        foreach ($dogs as $o) {
            $place = self::placeOf($o, $crews);
            $planned = $o->planned();
            if (null !== $planned) {
                $morning[$place][] = $planned;
            }
            $job = $o->isToDo() ? $o->now($now, $zone, $ids) : null;
            if (null !== $job) {
                $live[$place][] = $job;
            }
        }
        $out = [];
        foreach ($crews as $i => $crew) {
            $first = $this->laid->plan(new Day($morning[$i], $crew->workers, $crew->stations, $crew->lifts));
            $before = [];
            foreach ($first->placed as $p) {
                $before["{$p->job->id} $p->phase"] = [$p->from, $p->person];
            }
            $out[] = $this->laid->plan(
                new Day($live[$i], $crew->workers, $crew->stations, $crew->lifts, $now, $before),
            );
        }

        return $out;
    }

    /** @param list<Crew> $crews */
    private static function placeOf(OnTheFloor $o, array $crews): int
    {
        return Crew::at($crews, $o->groom->place ?? $o->booking?->staff?->place);
    }

    /**
     * @param list<DayPlan> $plans
     * @param array<string, string> $names of people, by id
     */
    private function dog(
        Actor $actor,
        OnTheFloor $o,
        array $plans,
        array $names,
        \DateTimeImmutable $at,
        \DateTimeZone $zone,
    ): FloorDogView {
        $now = OnTheFloor::tick($at, $zone);
        $stage = $o->stage();
        $promised = $o->promised($zone);
        $where = $o->where();
        [$end, $next] = self::inPlans($plans, $o->id());
        $since = match ($stage) {
            'here' => $o->came(),
            'ready' => $o->groom->closedAt ?? $where?->since,
            'gone' => $o->arrival?->leftAt,
            'rests' => $o->board?->pauses[\count($o->board->pauses) - 1]['from'] ?? null,
            default => $where?->since,
        };
        $terms = $o->dog->salon->pricesOn($this->scope->today($actor))->terms();
        $lateBy = 'ready' === $stage ? $o->fetchedLate($at, $zone) : 0;
        $done = \in_array($stage, ['ready', 'gone'], true);
        $person = $o->dog->household->first();

        return new FloorDogView(
            (string) $o->dog->id,
            $o->dog->name,
            $person->name ?? $o->dog->household->name,
            $actor->may(May::PHONE) ? $person->phone ?? '' : '',
            null === $o->booking ? null : (string) $o->booking->id,
            null === $o->arrival ? null : (string) $o->arrival->id,
            null === $o->groom ? null : (string) $o->groom->id,
            $o->kind()->value,
            $stage,
            \in_array($stage, ['table', 'rests'], true) || null === $o->groom?->closedAt ? $where?->part : null,
            null === $since ? null : BoardView::at($since),
            ($o->groom->place ?? $o->booking?->staff?->place)?->name,
            $o->who() ?? $o->booking?->staff?->name,
            $o->booking?->time,
            self::time($promised),
            $done ? null : self::time($end, true),
            null === $promised || $done ? null : (int) floor(($promised - $now) / Day::TICKS),
            $done || null === $end || null === $promised ? 0 : max(0, (int) ceil(($end - $promised) / Day::TICKS)),
            $next?->task()->phase,
            null === $next ? null : self::time($next->from),
            'here' === $stage && null !== $since ? (int) (($at->getTimestamp() - $since->getTimestamp()) / 60) : null,
            null === $o->groom || null === $o->board || $done ? [] : $this->timers->of(
                $actor,
                $o->groom,
                $o->board,
                $at,
                array_values(array_filter(
                    TimerKind::cases(),
                    static fn (TimerKind $k): bool => $o->board->runs($k),
                )),
            ),
            \array_slice(array_column(StandingCautions::of($o->dog), 'message'), 0, 2),
            Reach::collectors($o->dog),
            null === $o->arrival?->leftAt
                ? null
                : ['with' => $o->arrival->leftWith, 'at' => BoardView::at($o->arrival->leftAt)],
            $o->booking->answer ?? '',
            $o->booking->told ?? '',
            $done ? '' : $o->booking?->proofMissing() ?? '',
            'expected' === $stage && null !== $o->booking
                ? max(0, intdiv($now - Crew::tick($o->booking->time), Day::TICKS))
                : 0,
            $o->booking->version ?? 0,
            $o->arrival->paid ?? false,
            $lateBy,
            $terms->forCollectingLate($lateBy),
        );
    }

    /**
     * @param list<DayPlan> $plans
     *
     * @return array{int|null, Placed|null} when it ends, and what of it begins next
     */
    private static function inPlans(array $plans, string $id): array
    {
        foreach ($plans as $plan) {
            foreach ($plan->day->jobs as $job) {
                if ($job->id === $id) {
                    $its = array_filter($plan->placed, static fn (Placed $p): bool => $p->job === $job && !$p->begun);

                    return [$plan->endOf($job), array_values($its)[0] ?? null];
                }
            }
        }

        return [null, null];
    }

    /**
     * @param list<Crew> $crews
     * @param list<DayPlan> $plans
     * @param list<OnTheFloor> $dogs
     * @param array<string, OnTheFloor> $byId
     *
     * @return list<array<string, mixed>>
     */
    private static function people(array $crews, array $plans, array $dogs, array $byId): array
    {
        $out = [];
        foreach ($crews as $i => $crew) {
            foreach ($crew->staff as $n => $person) {
                $has = array_values(array_filter(
                    $dogs,
                    static fn (OnTheFloor $o): bool => 'table' === $o->stage() && $o->who() === $person->name,
                ))[0] ?? null;
                $next = array_values(array_filter(
                    $plans[$i]->placed,
                    static fn (Placed $p): bool => !$p->begun && $p->person === (string) $person->id,
                ))[0] ?? null;
                $out[] = [
                    'id' => (string) $person->id,
                    'name' => $person->name,
                    'place' => $crew->place->name,
                    'dog' => $has?->dog->name,
                    'part' => $has?->where()?->part,
                    'next' => null === $next ? null : $byId[$next->job->id]->dog->name,
                    'next_at' => null === $next ? null : self::time($next->from),
                    'over' => (int) ceil($plans[$i]->overOf($crew->workers[$n]) / Day::TICKS),
                ];
            }
        }

        return $out;
    }

    /**
     * What changes hands, or begins so much later or earlier that somebody should know.
     *
     * @param list<DayPlan> $plans
     * @param array<string, OnTheFloor> $byId
     * @param array<string, string> $names
     *
     * @return list<array<string, mixed>>
     */
    private static function moves(array $plans, array $byId, array $names): array
    {
        $out = [];
        foreach ($plans as $plan) {
            foreach ($plan->moved() as [$p, [$from, $person]]) {
                if (abs($from - $p->from) < self::MOVED && $person === $p->person) {
                    continue;
                }
                $out[] = [
                    'dog' => (string) $byId[$p->job->id]->dog->id,
                    'name' => $byId[$p->job->id]->dog->name,
                    'part' => $p->task()->phase,
                    'was' => self::time($from),
                    'was_with' => null === $person ? null : $names[$person] ?? null,
                    'now' => self::time($p->from),
                    'with' => null === $p->person ? null : $names[$p->person] ?? null,
                ];
            }
        }

        return $out;
    }

    /**
     * @param list<OnTheFloor> $dogs
     * @param list<Crew> $crews
     *
     * @return list<string>
     */
    private static function crowded(array $dogs, array $crews): array
    {
        $out = [];
        foreach ($crews as $i => $crew) {
            foreach (['bath' => 'tub', 'dry' => 'dryer'] as $part => $station) {
                $there = array_filter($dogs, static fn (OnTheFloor $o): bool => 'table' === $o->stage()
                    && $o->where()?->part === $part && self::placeOf($o, $crews) === $i);
                if (\count($there) > $crew->stations[$station]) {
                    $out[] = \sprintf(
                        '%s: %s for %d %s',
                        $crew->place->name,
                        implode(' and ', array_map(static fn (OnTheFloor $o): string => $o->dog->name, $there)),
                        $crew->stations[$station],
                        $station.(1 === $crew->stations[$station] ? '' : 's'),
                    );
                }
            }
        }

        return $out;
    }

    /** "HH:MM"; half minutes are the plan's, not people's: an end is rounded up. */
    private static function time(?int $ticks, bool $end = false): ?string
    {
        if (null === $ticks) {
            return null;
        }
        $minutes = $end ? (int) ceil($ticks / Day::TICKS) : intdiv($ticks, Day::TICKS);

        return Crew::time($minutes);
    }
}
