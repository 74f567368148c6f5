<?php

/** Lays out visits that are held ahead: on which days, and how full their weeks are. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Agenda\AgendaReader;
use KeenThistle\Agenda\Booked;
use KeenThistle\Agenda\Clocks;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Year\BookAheadRule;
use KeenThistle\Core\Year\SeriesRule;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\Slots;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

final readonly class Series
{
    /** Share of a week that is booked from which it has no place to speak of. */
    private const FULL = 0.95;

    public function __construct(
        private Scope $scope,
        private Slots $slots,
        private AgendaReader $agenda,
        private Booked $booked,
        private Clocks $clocks,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws InvalidInput for a day, time or person that cannot be */
    public function person(Actor $actor, SeriesForm $form): ?Staff
    {
        $today = $this->scope->today($actor);
        if ($form->first->format('Y-m-d') < $today->format('Y-m-d') || $form->first > $today->modify('+1 year')) {
            throw InvalidInput::at('first', 'must be from today to a year from now');
        }
        if (1 !== preg_match(Booking::TIME, $form->time)) {
            throw InvalidInput::at('time', 'must be a time such as 09:30');
        }

        return '' === ($form->staff ?? '')
            ? null
            : $this->scope->get($actor, Staff::class, (string) $form->staff, $this->manager, 'person');
    }

    /** @return list<array{due: \DateTimeImmutable, day: \DateTimeImmutable|null, why: string}> */
    public function days(Dog $dog, SeriesForm $form, ?Staff $person): array
    {
        $places = $this->slots->places();
        $taken = $this->taken($dog, $form, $person);
        $on = static fn (int $day): \DateTimeImmutable => $form->first->modify(\sprintf('%+d days', $day));
        $closed = function (int $day) use ($on, $form, $person, $places, $taken): string {
            // Days before the first are not asked for.
            return match (true) {
                $day < 0 => 'before the first',
                isset($taken[$on($day)->format('Y-m-d')]) => $taken[$on($day)->format('Y-m-d')],
                default => $this->slots->whyClosed($on($day), $form->time, $person, $places)[1] ?? '',
            };
        };

        return array_map(static fn (array $d): array => [
            'due' => $on($d['due']),
            'day' => null === $d['day'] ? null : $on($d['day']),
            'why' => $d['why'],
        ], (new SeriesRule())->days(0, $form->every, $form->count, $closed));
    }

    public function view(Actor $actor, Dog $dog, SeriesForm $form): SeriesView
    {
        $days = $this->days($dog, $form, $this->person($actor, $form));
        $today = $this->scope->today($actor);
        $fill = $this->fill($actor, $today);
        $full = $this->clocks->of($actor, $dog);
        $interval = $full->interval();
        $since = null === $interval->full_on || null === $interval->full_weeks
            ? 0
            : $interval->full_weeks - (int) floor(self::apart($today, new \DateTimeImmutable($interval->full_on)) / 7);
        $ahead = (new BookAheadRule())->plan($form->every, max(0, $since), $fill, [], self::FULL);
        $hold = [];
        foreach ($ahead['visits'] as $v) {
            if ($v['hold'] && null !== $v['week']) {
                $hold[$v['week']] = true;
            }
        }
        $rows = [];
        foreach ($days as $i => $d) {
            $week = null === $d['day'] ? null : intdiv(self::apart($today, $d['day']), 7);
            $rows[] = [
                'due' => $d['due']->format('Y-m-d'),
                'day' => $d['day']?->format('Y-m-d'),
                'why' => $d['why'],
                'fill' => null === $week ? null : round($fill[$week] ?? 0.0, 2),
                // The first is the next visit: it is always held.
                'hold' => null !== $week && (0 === $i || ($fill[$week] ?? 0.0) >= self::FULL || isset($hold[$week])),
            ];
        }

        return new SeriesView($rows, [], Reason::listToArray($ahead['reasons']));
    }

    private static function apart(\DateTimeImmutable $from, \DateTimeImmutable $to): int
    {
        return (int) (new \DateTimeImmutable($from->format('Y-m-d')))
            ->diff(new \DateTimeImmutable($to->format('Y-m-d')))
            ->format('%r%a');
    }

    /**
     * The days at whose hour the dog is booked, or the person has a dog of another home.
     *
     * @return array<string, string> why, by day
     */
    private function taken(Dog $dog, SeriesForm $form, ?Staff $person): array
    {
        /** @var list<Booking> $there */
        $there = $this->manager
            ->createQuery(
                'SELECT b, d, s FROM '.Booking::class.' b JOIN b.dog d LEFT JOIN b.staff s WHERE b.time = :time '.
                    "AND b.day >= :first AND b.state = 'booked' AND (b.dog = :dog OR b.staff = :staff)",
            )
            ->setParameter('time', $form->time)
            ->setParameter('first', $form->first, 'date_immutable')
            ->setParameter('dog', $dog->id, 'uuid')
            ->setParameter('staff', $person?->id, 'uuid')
            ->getResult();
        $out = [];
        foreach ($there as $b) {
            if ($b->dog === $dog || $b->dog->household !== $dog->household) {
                $out[$b->day->format('Y-m-d')] = $b->dog === $dog
                    ? "$dog->name is booked then already"
                    : "{$b->staff?->name} has {$b->dog->name} then";
            }
        }

        return $out;
    }

    /** @return array<int, float> share of the people's time that is booked, by weeks from today */
    private function fill(Actor $actor, \DateTimeImmutable $today): array
    {
        $last = $today->modify('+'.(7 * YearReader::WEEKS).' days');
        $minutes = [];
        foreach ($this->booked->between($actor, $today, $last, Booked::AHEAD) as [$b, $takes]) {
            $week = intdiv(self::apart($today, $b->day), 7);
            $minutes[$week] = ($minutes[$week] ?? 0.0) + ($takes?->personSure() ?? 0.0);
        }
        $salon = $this->agenda->salon($actor);
        $out = [];
        for ($week = 0; $week < YearReader::WEEKS; ++$week) {
            $hands = 0;
            for ($n = 0; $n < 7; ++$n) {
                foreach (AgendaReader::crews($salon, $today->modify('+'.(7 * $week + $n).' days')) as $crew) {
                    $hands += $crew->minutes();
                }
            }
            $out[$week] = 0 === $hands ? 1.0 : min(1.0, ($minutes[$week] ?? 0.0) / $hands);
        }

        return $out;
    }
}
