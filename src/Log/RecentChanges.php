<?php

/** Reads what was changed last on a dog's card, and by whom. */

declare(strict_types=1);

namespace KeenThistle\Log;

use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class RecentChanges
{
    public function __construct(private Scope $scope)
    {
    }

    /** @return list<RecentChangeView> newest first */
    public function of(Actor $actor, Uuid $dog): array
    {
        $me = $actor->staff->toBinary();

        return array_map(
            static fn (array $row): RecentChangeView => new RecentChangeView(
                Row::id($row['id']),
                Row::text($row['name']),
                $row['staff_id'] === $me,
                Row::instant($row['at']),
                Row::text($row['summary']),
                Row::text($row['kind']),
                Row::text($row['subject']),
            ),
            $this->scope->rows(
                $actor,
                'SELECT c.id, c.at, c.summary, c.kind, c.subject, c.staff_id, s.name FROM change_log c JOIN '.
                    'staff s ON s.id = c.staff_id WHERE c.dog_id = :dog AND c.salon_id = :salon ORDER BY c.id '.
                    'DESC LIMIT 8',
                ['dog' => $dog->toBinary()],
            ),
        );
    }
}
