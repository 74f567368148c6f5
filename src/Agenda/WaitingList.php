<?php

/** Reads who waits for a place on a day, and looks for one in what is free. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\Household;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\ProposalRule;
use KeenThistle\Core\Day\VisitTasks;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\WaitingDog;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;

final readonly class WaitingList
{
    private const MOST = 50;
    private const NOON = 720;

    public function __construct(
        private Scope $scope,
        private AgendaReader $agenda,
        private Booked $booked,
        private Plans $plans,
        private WorkOrder $order,
        private EntityManagerInterface $manager,
    ) {
    }

    public function on(Actor $actor, \DateTimeImmutable $day): WaitingView
    {
        $waiting = $this->waiting($actor, $day);
        $dogs = array_map(static fn (WaitingDog $w): Dog => $w->dog, $waiting);
        $plans = $this->plans->ofDogs($actor, $dogs);
        $booked = [] === $waiting ? [] : $this->booked->between($actor, $day, $day);
        $salon = $this->agenda->salon($actor);
        $names = [];
        foreach ($salon[1] as $person) {
            $names[(string) $person->id] = $person->name;
        }
        $crews = AgendaReader::crews($salon, $day);

        $rows = [];
        foreach ($waiting as $w) {
            $kind = Service::tryFrom($w->kind) ?? Service::Full;
            $recipes = Plans::recipes($plans[(string) $w->dog->id] ?? []);
            $minutes = $this->order->minutes($w->dog, $recipes, null, $kind);
            $client = $w->dog->household->first();
            $rows[] = [
                'id' => (string) $w->id,
                'dog' => (string) $w->dog->id,
                'name' => $w->dog->name,
                'person' => $client->name ?? $w->dog->household->name,
                'phone' => $actor->may(May::PHONE) ? $client->phone ?? '' : '',
                'kind' => $w->kind,
                'since' => $w->since->format('Y-m-d'),
                'until' => $w->until->format('Y-m-d'),
                'note' => $w->note,
                'staff' => $w->staff?->name,
                'minutes' => $minutes?->slot,
            ] + self::place($w, $minutes, $kind, $day, $crews, $booked, $names);
        }

        return new WaitingView($rows);
    }

    /**
     * @param list<Crew> $crews
     * @param list<array{Booking, Minutes|null}> $booked that day
     * @param array<string, string> $names by person
     *
     * @return array{time: string|null, with: string|null, with_name: string|null}
     */
    private static function place(
        WaitingDog $waits,
        ?Minutes $minutes,
        Service $kind,
        \DateTimeImmutable $day,
        array $crews,
        array $booked,
        array $names,
    ): array {
        $on = $day->format('Y-m-d');
        $place = null;
        if (null !== $minutes) {
            $skills = VisitTasks::skills(VisitTasks::of($minutes, $kind));
            $free = WhoIsFree::on($day, $waits->dog, $crews, $booked, $skills, $waits->staff);
            $place = (new ProposalRule())->of([$free], $minutes->slot, $on, null, self::NOON, false)[0] ?? null;
        }

        return [
            'time' => null === $place
                ? null
                : Crew::time($place['time']),
            'with' => $place['person'] ?? null,
            'with_name' => null === $place ? null : $names[$place['person']] ?? null,
        ];
    }

    /** @return list<WaitingDog> */
    private function waiting(Actor $actor, \DateTimeImmutable $day): array
    {
        /** @var list<WaitingDog> $found */
        $found = $this->manager
            ->createQuery(
                'SELECT w, d, h, s FROM '.WaitingDog::class.
                    ' w JOIN w.dog d JOIN d.household h LEFT JOIN w.staff s '.
                    'WHERE w.salon = :salon AND w.until >= :day AND w.since <= :day ORDER BY w.id',
            )
            ->setParameter('salon', $this->scope->salon($actor)->id, 'uuid')
            ->setParameter('day', $day, 'date_immutable')
            ->setMaxResults(self::MOST)
            ->getResult();
        $this->manager
            ->createQuery(
                'SELECT h, c FROM '.Household::class.
                    ' h LEFT JOIN h.clients c WHERE h IN (:homes) ORDER BY c.id',
            )
            ->setParameter('homes', array_map(
                static fn (WaitingDog $w): string => $w->dog->household->id->toBinary(),
                $found,
            ), \Doctrine\DBAL\ArrayParameterType::BINARY)
            ->getResult();

        return $found;
    }
}
