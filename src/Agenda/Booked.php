<?php

/** Reads what is booked on days, with dogs, homes and people, and how long each visit is. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class Booked
{
    private const MOST = 400;
    /** Of sixty days of a large salon. */
    public const AHEAD = 3000;

    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private WorkOrder $order,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @return list<array{Booking, Minutes|null}> by day and time; no minutes: nobody has weighed the dog */
    public function between(
        Actor $actor,
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
        int $most = self::MOST,
    ): array {
        $this->scope->apply($actor, $this->manager);
        /** @var list<Booking> $booked */
        $booked = $this->manager
            ->createQuery(
                'SELECT b, d, s FROM '.
                    Booking::class.
                    ' b JOIN b.dog d LEFT JOIN b.staff s WHERE b.salon = :salon AND b.day >= :from AND b.day <= :to '.
                    "AND b.state = 'booked' ORDER BY b.day, b.time, b.id",
            )
            ->setParameter('salon', $this->scope->salon($actor)->id, 'uuid')
            ->setParameter('from', $from, 'date_immutable')
            ->setParameter('to', $to, 'date_immutable')
            ->setMaxResults($most)
            ->getResult();
        $dogs = [];
        foreach ($booked as $b) {
            $dogs[(string) $b->dog->id] = $b->dog;
        }
        $plans = $this->plans->ofDogs($actor, array_values($dogs));

        $out = $known = [];
        foreach ($booked as $b) {
            $dog = (string) $b->dog->id;
            // A dog that comes often is reckoned once.
            $known["$dog $b->kind"] ??= [$this->minutes($b->dog, $plans[$dog] ?? [], $b->kind)];
            $out[] = [$b, $known["$dog $b->kind"][0]];
        }

        return $out;
    }

    /** @param array<string, array{version: int, recipe: \KeenThistle\Recipe\ZoneRecipe}> $plan */
    private function minutes(Dog $dog, array $plan, string $kind): ?Minutes
    {
        return $this->order->minutes($dog, Plans::recipes($plan), null, Service::tryFrom($kind) ?? Service::Full);
    }
}
