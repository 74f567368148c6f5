<?php

/** Tells all cards of a salon that they are old: what a tool leaves, or how the house works, has changed. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Doctrine\ORM\EntityManagerInterface;

final class SalonVersions
{
    private function __construct()
    {
    }

    /** In SQL, so that two writes at once both count. */
    public static function moved(EntityManagerInterface $manager, Salon $salon): void
    {
        $manager
            ->getConnection()
            ->executeStatement('UPDATE salon SET kit_version = kit_version + 1 WHERE id = ?', [
                $salon->id->toBinary(),
            ]);
    }
}
