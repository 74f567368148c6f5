<?php

/** One place on one day: who does what where and when. A response record. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayPlan;
use KeenThistle\Core\Day\Guest;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Day\Placed;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Diary\Booking;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Staff\Staff;

final readonly class AgendaPlaceView
{
    private const PERSON = 'list<array{id: string, name: string, from: int, to: int, overtime: float}>';
    private const ITEM =
        'list<array{booking: string, name: string, phase: string, person: string|null, helper: string|null, '.
        'station: string, unit: int|null, from: float, to: float}>';
    private const HELD =
        'booking: string, version: int, dog: string, name: string, kind: string, with: string|null, '.
        'staff: string|null, time: string';
    private const DOG =
        'list<array{'.self::HELD.', arrives: float, promised: float, ends: float, late: float, '.
        'waiting: float, answer: string, told: string, proof: string}>';

    /**
     * @param list<array<string, mixed>> $people
     * @param array<string, int> $stations
     * @param list<array<string, mixed>> $items
     * @param list<array<string, mixed>> $dogs
     * @param list<array<string, mixed>> $unfit
     * @param list<array<string, mixed>> $warnings
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        public string $id,
        public string $name,
        #[Gives("'room'|'van'")] public string $kind,
        #[Gives(self::PERSON), Says('from and to in minutes from midnight, as every time here')] public array $people,
        #[Gives('array{tub: int, dryer: int, table: int, pen: int}')] public array $stations,
        #[Says('whether the salon has said what stations there are')] public bool $stations_said,
        #[Gives(self::ITEM)] public array $items,
        #[Gives(self::DOG)] public array $dogs,
        #[Gives('list<array{names: list<string>, why: string, on: string|null, dogs: list<array{'.self::HELD.'}>}>'),
            Says('what has no place, and the first day that has one beside what is booked there'),]
        public array $unfit,
        public float $late,
        public float $overtime,
        public float $waiting,
        public float $cost,
        #[Says('no way to lay out this day costs less')] public float $bound,
        public bool $proven,
        #[Gives('list<CautionView>')] public array $warnings,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }

    /** @param array<string, Booking> $bookings by id */
    public static function of(Crew $crew, DayPlan $plan, array $bookings, \DateTimeImmutable $day): self
    {
        $minutes = static fn (int $ticks): float => $ticks / Day::TICKS;
        $name = static fn (string $id): string => ($bookings[$id] ?? null)?->dog->name ?? '';
        $guests = array_map(static fn (Job $j): Guest => CompanyOfDay::between(
            $bookings[$j->id]->dog,
            intdiv($j->arrives, Day::TICKS),
            intdiv($plan->endOf($j) ?? $j->promised, Day::TICKS),
        ), $plan->day->jobs);

        return new self(
            (string) $crew->place->id,
            $crew->place->name,
            $crew->place->kind,
            array_map(
                static fn (Staff $s, int $i): array => [
                    'id' => (string) $s->id,
                    'name' => $s->name,
                    'from' => intdiv($crew->workers[$i]->from, Day::TICKS),
                    'to' => intdiv($crew->workers[$i]->to, Day::TICKS),
                    'overtime' => $minutes($plan->overOf($crew->workers[$i])),
                ],
                $crew->staff,
                array_keys($crew->staff),
            ),
            $crew->stations,
            $crew->said,
            array_map(static fn (Placed $p): array => [
                'booking' => $p->job->id,
                'name' => $name($p->job->id),
                'phase' => $p->task()->phase,
                'person' => $p->person,
                'helper' => $p->helper,
                'station' => $p->task()->station->value,
                'unit' => $p->unit,
                'from' => $minutes($p->from),
                'to' => $minutes($p->to),
            ], $plan->placed),
            array_map(static fn (Job $j): array => self::held($bookings[$j->id]) + [
                'arrives' => $minutes($j->arrives),
                'promised' => $minutes($j->promised),
                'ends' => $minutes($plan->endOf($j) ?? $j->arrives),
                'late' => $minutes($plan->lateOf($j)),
                'waiting' => $minutes($plan->waitingOf($j)),
                'answer' => $bookings[$j->id]->answer,
                'told' => $bookings[$j->id]->told,
                'proof' => $bookings[$j->id]->proofMissing(),
            ], $plan->day->jobs),
            array_map(static fn (array $u): array => [
                'names' => array_map($name, $u['jobs']),
                'why' => self::named($u['why'], $u['jobs'], $name),
                'on' => null === $u['in_days'] ? null : $day->modify("+{$u['in_days']} days")->format('Y-m-d'),
                'dogs' => array_map(static fn (string $id): array => self::held($bookings[$id]), $u['jobs']),
            ], $plan->unfit),
            $minutes($plan->late),
            $minutes($plan->over),
            $minutes($plan->waiting),
            round($plan->cost, 1),
            round($plan->bound, 1),
            $plan->proven,
            array_map(
                static fn (Caution $c): array => (new Caution(
                    $c->code,
                    self::named($c->message, array_keys($bookings), $name),
                    $c->level,
                ))->toArray(),
                [...$plan->cautions, ...CompanyOfDay::cautions($guests, $crew->place->loudHours())],
            ),
            Reason::listToArray($plan->reasons()),
        );
    }

    /** @return array<string, int|string|null> what is moved */
    private static function held(Booking $b): array
    {
        return [
            'booking' => (string) $b->id,
            'version' => $b->version,
            'dog' => (string) $b->dog->id,
            'name' => $b->dog->name,
            'kind' => $b->kind,
            'with' => $b->staff?->name,
            'staff' => null === $b->staff ? null : (string) $b->staff->id,
            'time' => $b->time,
        ];
    }

    /**
     * @param list<string> $ids
     * @param \Closure(string): string $name
     */
    private static function named(string $text, array $ids, \Closure $name): string
    {
        return str_replace($ids, array_map($name, $ids), $text);
    }
}
