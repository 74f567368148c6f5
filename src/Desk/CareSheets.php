<?php

/** Finds the groom whose home-care sheet a link opens. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Table\Groom;
use Symfony\Component\Clock\ClockInterface;

final readonly class CareSheets
{
    public function __construct(private EntityManagerInterface $manager, private ClockInterface $clock)
    {
    }

    public function openedBy(string $token): ?Groom
    {
        $found = $this->manager
            ->createQuery(
                'SELECT g, d, a, s FROM '.
                    Groom::class.
                    ' g JOIN g.dog d JOIN g.arrival a JOIN g.salon s WHERE g.careToken = :token',
            )
            ->setParameter('token', $token)
            ->getOneOrNullResult();

        return $found instanceof Groom && OwnerLink::isOpen($found->linkUntil, $this->clock->now()) ? $found : null;
    }
}
