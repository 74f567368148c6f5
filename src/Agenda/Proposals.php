<?php

/** Reads who is free when near the day a dog is due, and asks which dates to offer. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\ProposalRule;
use KeenThistle\Core\Day\VisitTasks;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class Proposals
{
    /** Days that are looked at before the day it is due, and after it. */
    private const BEFORE = 21;
    private const AFTER = 14;
    private const USUAL = 570;

    public function __construct(
        private Scope $scope,
        private AgendaReader $agenda,
        private Booked $booked,
        private Clocks $clocks,
        private WorkOrder $order,
    ) {
    }

    /**
     * @param \DateTimeImmutable|null $due the last day that keeps the clock; null: as the clocks of the dog say
     * @param string $moving id of a booking that would be given up for it
     */
    public function of(
        Actor $actor,
        Dog $dog,
        Service $kind,
        ?\DateTimeImmutable $due,
        string $moving = '',
    ): ProposalsView {
        $clocks = $this->clocks->of($actor, $dog);
        $minutes = $this->order->minutes($dog, Plans::recipes($clocks->plan), null, $kind);
        if (null === $minutes) {
            return new ProposalsView(null, null, []);
        }
        $today = $this->scope->today($actor);
        $said = $due?->format('Y-m-d') ?? $clocks->due($kind);
        $due = new \DateTimeImmutable(max($said ?? '', $today->format('Y-m-d')));
        $from = max($today->modify('+1 day'), $due->modify('-'.self::BEFORE.' days'));
        $to = $due->modify('+'.self::AFTER.' days');
        $booked = [];
        foreach ($this->booked->between($actor, $from, $to) as [$b, $takes]) {
            if ((string) $b->id !== $moving) {
                $booked[$b->day->format('Y-m-d')][] = [$b, $takes];
            }
        }
        $names = $days = [];
        $skills = VisitTasks::skills(VisitTasks::of($minutes, $kind));
        $salon = $this->agenda->salon($actor);
        for ($day = $from; $day <= $to; $day = $day->modify('+1 day')) {
            $there = $booked[$day->format('Y-m-d')] ?? [];
            $days[] = WhoIsFree::on($day, $dog, AgendaReader::crews($salon, $day), $there, $skills);
        }
        foreach ($salon[1] as $staff) {
            $names[(string) $staff->id] = $staff->name;
        }
        [$who, $at] = $this->last($actor, $dog, $today);

        return new ProposalsView($minutes->slot, $said, array_map(static fn (array $p): array => [
            'day' => $p['day'],
            'time' => Crew::time($p['time']),
            'staff' => $p['person'],
            'name' => $names[$p['person']] ?? '',
            'late_days' => $p['late_days'],
            'reasons' => $p['reasons'],
        ], (new ProposalRule())->of(
            $days,
            $minutes->slot,
            $due->format('Y-m-d'),
            $who,
            $at,
            null !== $said,
        )));
    }

    /** @return array{string|null, int} who had the dog last, and the minute it came at */
    private function last(Actor $actor, Dog $dog, \DateTimeImmutable $today): array
    {
        $of = ['dog' => $dog->id->toBinary(), 'today' => $today->format('Y-m-d')];
        $booked = $this->scope->rows(
            $actor,
            "SELECT staff_id, time FROM booking WHERE dog_id = :dog AND salon_id = :salon AND day <= :today AND
            state = 'booked' ORDER BY day DESC, time DESC LIMIT 1",
            $of,
        )[0] ?? [];
        $visit = $this->scope->rows(
            $actor,
            'SELECT staff_id FROM visit WHERE dog_id = :dog AND salon_id = :salon AND day <= :today
            ORDER BY day DESC LIMIT 1',
            $of,
        )[0] ?? [];
        $who = $visit['staff_id'] ?? $booked['staff_id'] ?? null;
        $time = Row::text($booked['time'] ?? '');

        return [
            \is_string($who) ? Row::id($who) : null,
            '' === $time ? self::USUAL : intdiv(Crew::tick($time), Day::TICKS),
        ];
    }
}
