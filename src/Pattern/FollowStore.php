<?php

/** Which version of their pattern cards have, written for many at once. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Salon\LostRace;
use KeenThistle\Staff\Actor;

final readonly class FollowStore
{
    public function __construct(private Connection $db, private EntityManagerInterface $manager)
    {
    }

    /**
     * @param list<Follow> $follows as they were read, each with the zones that are its own from now on
     *
     * @throws LostRace where one of them is not as it was read
     */
    public function took(Actor $actor, array $follows, int $version): void
    {
        if ([] === $follows) {
            return;
        }
        $rows = [];
        foreach ($follows as $f) {
            $rows[] = [
                'id' => bin2hex($f->id->toBinary()),
                'version' => $f->version,
                'own' => json_encode($f->own, \JSON_THROW_ON_ERROR),
            ];
            // Written below, with the others: the manager has no more to do with it.
            $this->manager->detach($f);
        }
        $changed = (int) $this->db->executeStatement(
            "UPDATE JSON_TABLE(:set, '$[*]' COLUMNS (id CHAR(32) PATH '$.id', version INT PATH '$.version',
                own TEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci PATH '$.own')) n
            STRAIGHT_JOIN house_pattern_follow f ON f.id = UNHEX(n.id)
            SET f.version = f.version + 1, f.taken = :taken, f.own = n.own
            WHERE f.version = n.version AND f.salon_id = :salon",
            [
                'set' => json_encode($rows, \JSON_THROW_ON_ERROR),
                'taken' => $version,
                'salon' => $actor->salon->toBinary(),
            ],
        );
        if ($changed !== \count($rows)) {
            throw LostRace::rows('house_pattern_follow', \count($rows), $changed);
        }
    }
}
