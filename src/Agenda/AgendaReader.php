<?php

/** Lays out a day of the diary, place by place; and says how full the days of a week are. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayRule;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

final readonly class AgendaReader
{
    public const WEEK = 7;

    public function __construct(
        private Scope $scope,
        private Booked $booked,
        private LaidOut $laid,
        private EntityManagerInterface $manager,
    ) {
    }

    public function day(Actor $actor, \DateTimeImmutable $on): AgendaView
    {
        $salon = $this->salon($actor);
        $crews = self::crews($salon, $on);
        $later = null;
        $byPlace = $unweighed = [];
        foreach ($this->booked->between($actor, $on, $on) as [$b, $minutes]) {
            if (null === $minutes) {
                $unweighed[] = ['booking' => (string) $b->id, 'dog' => (string) $b->dog->id, 'name' => $b->dog->name];
                continue;
            }
            $byPlace[self::placeOf($b, $crews)][] = [$b, $minutes];
        }
        $places = [];
        foreach ($crews as $i => $crew) {
            if ([] === $crew->workers && !isset($byPlace[$i])) {
                continue;
            }
            $jobs = $bookings = [];
            foreach ($byPlace[$i] ?? [] as [$b, $minutes]) {
                $jobs[] = self::job($b, $minutes);
                $bookings[(string) $b->id] = $b;
            }
            $day = new Day($jobs, $crew->workers, $crew->stations, $crew->lifts);
            // Read once, and only where something has no place today.
            $plan = $this->laid->plan($day, function () use ($actor, $on, $salon, $i, &$later): array {
                $later ??= $this->later($actor, $on, $salon);

                return array_map(static fn (array $places): Day => $places[$i], $later);
            });
            $places[] = AgendaPlaceView::of($crew, $plan, $bookings, $on);
        }

        return new AgendaView(
            $on->format('Y-m-d'),
            $this->scope->today($actor)->format('Y-m-d'),
            $places,
            $unweighed,
        );
    }

    public function week(Actor $actor, \DateTimeImmutable $from): AgendaWeekView
    {
        $to = $from->modify('+'.(self::WEEK - 1).' days');
        $sums = [];
        $salon = $this->salon($actor);
        foreach ($this->booked->between($actor, $from, $to) as [$b, $minutes]) {
            $iso = $b->day->format('Y-m-d');
            $sums[$iso] ??= [0, 0.0];
            ++$sums[$iso][0];
            $sums[$iso][1] += $minutes?->personSure() ?? 0.0;
        }
        $days = [];
        for ($n = 0; $n < self::WEEK; ++$n) {
            $day = $from->modify("+$n days");
            $hands = 0;
            foreach (self::crews($salon, $day) as $crew) {
                $hands += $crew->minutes();
            }
            [$dogs, $minutes] = $sums[$day->format('Y-m-d')] ?? [0, 0.0];
            $days[] = [
                'day' => $day->format('Y-m-d'),
                'dogs' => $dogs,
                'minutes' => (int) round($minutes),
                'hands' => $hands,
            ];
        }

        return new AgendaWeekView($days);
    }

    /**
     * The days after one as they are booked.
     *
     * @param array{list<Place>, list<Staff>} $salon
     *
     * @return array<int, list<Day>> by how many days after, then place
     */
    private function later(Actor $actor, \DateTimeImmutable $on, array $salon): array
    {
        $booked = [];
        $last = $on->modify('+'.DayRule::AHEAD.' days');
        foreach ($this->booked->between($actor, $on->modify('+1 day'), $last, Booked::AHEAD) as [$b, $minutes]) {
            if (null !== $minutes) {
                $booked[$b->day->format('Y-m-d')][] = [$b, $minutes];
            }
        }
        $out = [];
        for ($n = 1; $n <= DayRule::AHEAD; ++$n) {
            $day = $on->modify("+$n days");
            $crews = self::crews($salon, $day);
            $jobs = array_fill(0, \count($crews), []);
            foreach ($booked[$day->format('Y-m-d')] ?? [] as [$b, $minutes]) {
                $jobs[self::placeOf($b, $crews)][] = self::job($b, $minutes);
            }
            $out[$n] = array_map(
                static fn (Crew $c, array $its): Day => new Day($its, $c->workers, $c->stations, $c->lifts),
                $crews,
                $jobs,
            );
        }

        return $out;
    }

    /** @return array{list<Place>, list<Staff>} */
    public function salon(Actor $actor): array
    {
        $salon = $this->scope->salon($actor);

        return [
            $this->manager
                ->getRepository(Place::class)
                ->findBy(['salon' => $salon, 'open' => true], ['position' => 'ASC']),
            $this->manager->getRepository(Staff::class)->findBy(['salon' => $salon], ['name' => 'ASC']),
        ];
    }

    /**
     * @param array{list<Place>, list<Staff>} $salon
     *
     * @return list<Crew>
     */
    public static function crews(array $salon, \DateTimeImmutable $day): array
    {
        return array_map(static fn (Place $p): Crew => Crew::of($p, $salon[1], $day), $salon[0]);
    }

    /** @param list<Crew> $crews */
    private static function placeOf(Booking $b, array $crews): int
    {
        return Crew::at($crews, $b->staff?->place);
    }

    private static function job(Booking $b, Minutes $minutes): Job
    {
        return VisitJob::of(
            (string) $b->id,
            $b->dog,
            $minutes,
            Service::tryFrom($b->kind) ?? Service::Full,
            $b->staff,
            Crew::tick($b->time),
            VisitJob::promised($b, $minutes),
        );
    }
}
