<?php

/** Finds who acts by their id: for a request that names somebody signed in, and for work after the answer. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\DBAL\Connection;
use KeenThistle\Salon\Row;
use Symfony\Component\Uid\Uuid;

final readonly class Actors
{
    public function __construct(private Connection $db)
    {
    }

    /**
     * @param string|null $signIn id of the sign-in by which they ask; it may have been ended from elsewhere
     *
     * @return array{Actor, string}|null with the hash of their password; null: not in the salon any more
     */
    public function of(Uuid $staff, ?string $signIn = null): ?array
    {
        $row = $this->db->fetchAssociative(
            'SELECT s.salon_id, s.login, s.role, s.password_hash, s.place_id, o.time_zone,
                COALESCE(s.language, o.language) AS language FROM staff s
            JOIN salon o ON o.id = s.salon_id WHERE s.id = ? AND s.active = 1'.
                (null === $signIn
                    ? ''
                    : ' AND EXISTS (SELECT 1 FROM sign_in i WHERE i.id = ? AND i.ended_at IS NULL)'),
            null === $signIn ? [$staff->toBinary()] : [$staff->toBinary(), Uuid::fromString($signIn)->toBinary()],
        );

        return false === $row
            ? null
            : [
                new Actor(
                    salon: Uuid::fromBinary(Row::text($row['salon_id'])),
                    staff: $staff,
                    login: Row::text($row['login']),
                    role: Role::from(Row::text($row['role'])),
                    timeZone: new \DateTimeZone(Row::text($row['time_zone'])),
                    place: \is_string($row['place_id']) ? Uuid::fromBinary($row['place_id']) : null,
                    language: Row::text($row['language']),
                ),
                Row::text($row['password_hash']),
            ];
    }

    /** In whose name the salon acts by itself: of that person while they work here, else of who leads it. */
    public function inNameOf(Uuid $salon, ?Uuid $person = null): Actor
    {
        $own = null === $person ? null : $this->of($person);
        if (null !== $own) {
            return $own[0];
        }
        $leader = $this->db->fetchOne(
            'SELECT id FROM staff WHERE salon_id = ? AND role = ? AND active = 1 ORDER BY id LIMIT 1',
            [$salon->toBinary(), Role::Manager->value],
        );
        $actor = \is_string($leader) ? $this->of(Uuid::fromBinary($leader)) : null;

        return $actor[0] ?? throw new \LogicException('A salon has somebody who leads it.');
    }
}
