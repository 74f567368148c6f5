<?php

/** Somebody who works in two salons of one installation: which sign-ins are theirs. Nothing else goes across. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\DBAL\Connection;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Security\StaffProvider;
use Symfony\Component\Uid\Uuid;

/**
 * Each salon keeps its own row of a person, with a name, password and PIN of its own, so that no manager can open
 * another salon by a reset: who has shown both passwords once may then change over with the PIN of the other.
 */
final readonly class OtherSalons
{
    public function __construct(private Connection $db, private StaffProvider $staff)
    {
    }

    /** @return list<array{id: string, salon: string}> where else this person works, by the id they have there */
    public function of(Staff $person): array
    {
        if (null === $person->human) {
            return [];
        }
        $rows = $this->db->fetchAllAssociative(
            'SELECT s.id, o.name FROM staff s JOIN salon o ON o.id = s.salon_id
            WHERE s.human = ? AND s.id <> ? AND s.active = 1 ORDER BY o.name, s.id',
            [$person->human->toBinary(), $person->id->toBinary()],
        );

        return array_map(
            static fn (array $row): array => [
                'id' => (string) Uuid::fromBinary(Row::text($row['id'])),
                'salon' => Row::text($row['name']),
            ],
            $rows,
        );
    }

    /** The same person in another salon; null: that id is nobody of theirs. The salon filter is off after a find. */
    public function elsewhere(Actor $actor, string $id): ?Staff
    {
        if (!Uuid::isValid($id)) {
            return null;
        }
        $login = $this->db->fetchOne(
            'SELECT there.login FROM staff there JOIN staff here ON here.human = there.human
            WHERE here.id = ? AND there.id = ? AND there.salon_id <> here.salon_id AND there.active = 1',
            [$actor->staff->toBinary(), Uuid::fromString($id)->toBinary()],
        );

        return \is_string($login) ? $this->staff->known($login) : null;
    }
}
