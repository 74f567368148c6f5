<?php

/** Marks a change as taken back, once only: who finds it taken back already changes nothing. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\LostRace;
use Symfony\Component\Uid\Uuid;

final readonly class UndoneMarks
{
    /** @throws LostRace when somebody else has taken it back meanwhile */
    public function undone(EntityManagerInterface $manager, Uuid $change, Uuid $by): void
    {
        $taken = (int) $manager
            ->getConnection()
            ->executeStatement('UPDATE change_log SET undone_by_id = ? WHERE id = ? AND undone_by_id IS NULL', [
                $by->toBinary(),
                $change->toBinary(),
            ]);
        if (1 !== $taken) {
            throw LostRace::rows('change_log', 1, $taken);
        }
    }
}
