<?php

/** Finds the agreement a link opens, and those of the same visit it is sealed with. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Owner\OwnerLink;
use Symfony\Component\Clock\ClockInterface;

final readonly class Agreements
{
    public function __construct(private EntityManagerInterface $manager, private ClockInterface $clock)
    {
    }

    public function openedBy(string $token): ?Agreement
    {
        $found = $this->manager
            ->createQuery(
                'SELECT a, r, d, s FROM '.
                    Agreement::class.
                    ' a JOIN a.arrival r JOIN r.dog d JOIN a.staff s WHERE a.token = :token',
            )
            ->setParameter('token', $token)
            ->getOneOrNullResult();

        return $found instanceof Agreement && OwnerLink::isOpen($found->linkUntil, $this->clock->now()) ? $found : null;
    }

    /** @return list<Agreement> of this visit, the first one first */
    public function chain(Agreement $agreement): array
    {
        $chain = $this->manager
            ->createQuery('SELECT a FROM '.Agreement::class.' a WHERE a.arrival = :arrival ORDER BY a.number')
            ->setParameter('arrival', $agreement->arrival->id, 'uuid')
            ->getResult();

        return array_values(
            array_filter((array) $chain, static fn (mixed $one): bool => $one instanceof Agreement),
        );
    }
}
