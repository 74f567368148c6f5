<?php

/** Finds room for a dog that comes now without a date, where no promise goes past for it. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Agenda\AgendaReader;
use KeenThistle\Agenda\Clocks;
use KeenThistle\Agenda\Crew;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayPlan;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class WalkIns
{
    private const QUARTER = 15;
    private const DAY = 1439;

    public function __construct(
        private Scope $scope,
        private Today $today,
        private FloorReader $floor,
        private AgendaReader $agenda,
        private Clocks $clocks,
        private WorkOrder $order,
        private ClockInterface $clock,
    ) {
    }

    public function of(Actor $actor, Dog $dog, Service $kind): WalkInView
    {
        $zone = new \DateTimeZone($this->scope->salon($actor)->timeZone);
        $now = OnTheFloor::tick($this->clock->now(), $zone);
        $minute = intdiv($now, Day::TICKS);
        $quarter = min(self::DAY - self::DAY % self::QUARTER, intdiv($minute, self::QUARTER) * self::QUARTER);
        $time = Crew::time($quarter);
        $minutes = $this->order->minutes($dog, Plans::recipes($this->clocks->of($actor, $dog)->plan), null, $kind);
        $id = (string) $dog->id;
        $none = new WalkInView($id, $dog->name, $kind->value, $minutes?->slot, null, null, null, [], $time);
        if (null === $minutes) {
            return $none;
        }
        $dogs = $this->today->of($actor);
        $salon = $this->agenda->salon($actor);
        $day = $this->scope->today($actor);
        $crews = AgendaReader::crews($salon, $day);
        $ids = [];
        foreach ($salon[1] as $s) {
            $ids[$s->name] = (string) $s->id;
        }
        $before = self::late($this->floor->plans($dogs, $crews, $now, $zone, $ids));
        $booking = new Booking(Uuid::v7(), $dog, null, $day, $time, $kind->value);
        // Nobody has promised it anything yet: it waits, the others do not.
        $booking->promised = '23:59';
        $new = new OnTheFloor($dog, $booking);
        $new->minutes = $minutes;
        $plans = $this->floor->plans([...$dogs, $new], $crews, $now, $zone, $ids);
        $names = [];
        foreach ($dogs as $o) {
            $names[$o->id()] = $o->dog->name;
        }
        $late = [];
        foreach (self::late($plans) as $id => $ticks) {
            $more = $ticks - ($before[$id] ?? 0);
            if ($more > 0 && isset($names[$id])) {
                $late[] = ['name' => $names[$id], 'minutes' => (int) ceil($more / Day::TICKS)];
            }
        }
        foreach ($plans as $plan) {
            foreach ($plan->placed as $p) {
                if ($p->job->id === $new->id()) {
                    $begins = intdiv($p->from, Day::TICKS);
                    $ready = (int) ceil(($plan->endOf($p->job) ?? $p->to) / Day::TICKS);

                    return new WalkInView(
                        (string) $dog->id,
                        $dog->name,
                        $kind->value,
                        $minutes->slot,
                        Crew::time($begins),
                        Crew::time($ready),
                        max(0, $begins - $minute),
                        $late,
                        $time,
                    );
                }
            }
        }

        return $none;
    }

    /**
     * @param list<DayPlan> $plans
     *
     * @return array<string, int> ticks past the promise, by job
     */
    private static function late(array $plans): array
    {
        $out = [];
        foreach ($plans as $plan) {
            foreach ($plan->day->jobs as $job) {
                $out[$job->id] = $plan->lateOf($job);
            }
        }

        return $out;
    }
}
