<?php

/** Reads a day's list: who comes when, for what, and what to be careful of. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Client;
use KeenThistle\Book\Dog;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;

final readonly class Days
{
    private const MOST = 200;

    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function of(Actor $actor, \DateTimeImmutable $day): DayView
    {
        $this->scope->apply($actor, $this->manager);
        /** @var list<Booking> $booked */
        $booked = $this->manager
            ->createQuery(
                'SELECT b, d, h, s FROM '.
                    Booking::class.
                    ' b JOIN b.dog d JOIN d.household h LEFT JOIN b.staff s '.
                    "WHERE b.salon = :salon AND b.day = :day AND b.state = 'booked' ORDER BY b.time, b.id",
            )
            ->setParameter('salon', $this->scope->salon($actor)->id, 'uuid')
            ->setParameter('day', $day, 'date_immutable')
            ->setMaxResults(self::MOST)
            ->getResult();
        $people = $this->people($booked);

        return new DayView(
            $day->format('Y-m-d'),
            array_map(static function (Booking $b) use ($actor, $people): DayBookingView {
                $person = $people[(string) $b->dog->household->id] ?? null;

                return new DayBookingView(
                    (string) $b->id,
                    $b->time,
                    $b->kind,
                    $b->staff?->name,
                    $b->note,
                    (string) $b->dog->id,
                    $b->dog->name,
                    self::about($b->dog),
                    $person->name ?? $b->dog->household->name,
                    $actor->may(May::PHONE) ? $person->phone ?? '' : '',
                    array_column(StandingCautions::of($b->dog), 'message'),
                );
            }, $booked),
        );
    }

    /**
     * The first person of each home, in one read.
     *
     * @param list<Booking> $booked
     *
     * @return array<string, Client> by home
     */
    private function people(array $booked): array
    {
        $homes = array_values(
            array_unique(array_map(static fn (Booking $b): string => $b->dog->household->id->toBinary(), $booked)),
        );
        $out = [];
        foreach ($this->manager->getRepository(Client::class)->findBy(['household' => $homes], ['id' => 'ASC']) as $c) {
            $out[(string) $c->household->id] ??= $c;
        }

        return $out;
    }

    private static function about(Dog $dog): string
    {
        return implode(' · ', [
            $dog->breed,
            str_replace('_', ' ', $dog->coat->value).' coat',
            null === $dog->kg ? 'not weighed' : $dog->kg.' kg',
        ]);
    }
}
