<?php

/** Reads what is booked on days, with dogs, homes and people, and how long each visit is. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Diary\Booking;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class Booked
{
    private const MOST = 400;
    /** Of sixty days of a large salon. */
    public const AHEAD = 3000;

    public function __construct(
        private Scope $scope,
        private Lengths $lengths,
        private EntityManagerInterface $manager,
    ) {
    }

    /**
     * @param Uuid|null $but id of one that is left out: read anew it would lose what is just being changed of it
     *
     * @return list<array{Booking, Minutes|null}> by day and time; no minutes: nobody has weighed the dog
     */
    public function between(
        Actor $actor,
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
        int $most = self::MOST,
        ?Uuid $but = null,
    ): array {
        $this->scope->apply($actor, $this->manager);
        $query = $this->manager
            ->createQuery(
                'SELECT b, d, s FROM '.
                    Booking::class.
                    ' b JOIN b.dog d LEFT JOIN b.staff s WHERE b.salon = :salon AND b.day >= :from AND b.day <= :to '.
                    "AND b.state = 'booked'".(null === $but ? '' : ' AND b.id <> :but').
                    ' ORDER BY b.day, b.time, b.id',
            )
            ->setParameter('salon', $this->scope->salon($actor)->id, 'uuid')
            ->setParameter('from', $from, 'date_immutable')
            ->setParameter('to', $to, 'date_immutable')
            ->setMaxResults($most);
        if (null !== $but) {
            $query->setParameter('but', $but, 'uuid');
        }
        /** @var list<Booking> $booked */
        $booked = $query->getResult();
        $known = $this->lengths->of($actor, $booked);

        return array_map(static fn (Booking $b): array => [$b, $known[Lengths::keyOf($b)]], $booked);
    }
}
