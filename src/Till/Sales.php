<?php

/** Reads bills and counts of a place on a day. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Money\Takings;
use KeenThistle\Salon\Place;

final readonly class Sales
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @return list<Sale> in their order */
    public function of(Place $place, \DateTimeImmutable $day): array
    {
        /** @var list<Sale> $sales */
        $sales = $this->manager
            ->createQuery(
                'SELECT s, d, p FROM '.Sale::class.' s LEFT JOIN s.dog d JOIN s.staff p '.
                    'WHERE s.place = :place AND s.day = :day ORDER BY s.number',
            )
            ->setParameter('place', $place->id, 'uuid')
            ->setParameter('day', $day, 'date_immutable')
            ->getResult();

        return $sales;
    }

    /** @param list<Sale> $sales */
    public static function takings(array $sales): Takings
    {
        return Takings::of(array_map(
            static fn (Sale $s): array => ['lines' => $s->lines(), 'payments' => $s->payments()],
            $sales,
        ));
    }

    /** The last of that day; null: nobody has counted. */
    public function count(Place $place, \DateTimeImmutable $day): ?DrawerCount
    {
        return $this->manager
            ->getRepository(DrawerCount::class)
            ->findOneBy(['place' => $place, 'day' => $day], ['round' => 'DESC']);
    }

    /** What the drawer held when the day began: what stayed in it the last time it was counted; minor units. */
    public function began(Place $place, \DateTimeImmutable $day): int
    {
        $last = $this->manager
            ->createQuery(
                'SELECT c FROM '.DrawerCount::class.
                    ' c WHERE c.place = :place AND c.day < :day ORDER BY c.day DESC, c.round DESC',
            )
            ->setParameter('place', $place->id, 'uuid')
            ->setParameter('day', $day, 'date_immutable')
            ->setMaxResults(1)
            ->getOneOrNullResult();

        return $last instanceof DrawerCount ? $last->stays : 0;
    }
}
