<?php

/** Writes what a command changed: all its entries in one statement, and the version of each card they are about. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Doctrine\DBAL\Connection;
use KeenThistle\Staff\Actor;
use Symfony\Component\Clock\ClockInterface;

final readonly class ChangeLog
{
    public function __construct(private Connection $db, private ClockInterface $clock)
    {
    }

    /** @param list<Entry> $entries */
    public function write(Actor $actor, array $entries): void
    {
        if ([] === $entries) {
            return;
        }
        $rows = $values = $dogs = [];
        foreach ($entries as $entry) {
            $dog = $entry->dog?->id()->toBinary();
            $rows[] = '(?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)';
            array_push(
                $values,
                $entry->id->toBinary(),
                $actor->salon->toBinary(),
                $dog,
                $actor->staff->toBinary(),
                $this->clock->now()->format('Y-m-d H:i:s'),
                $entry->kind,
                $entry->subject,
                mb_substr($entry->summary, 0, 300),
                null === $entry->before ? null : json_encode($entry->before, \JSON_THROW_ON_ERROR),
                null === $entry->after ? null : json_encode($entry->after, \JSON_THROW_ON_ERROR),
                $entry->revision,
            );
            if (null !== $dog) {
                $dogs[$dog] = $dog;
            }
        }
        $this->db->executeStatement(
            'INSERT INTO change_log
                (id, salon_id, dog_id, staff_id, at, kind, subject, summary, was, became, revision)
            VALUES '.implode(', ', $rows),
            $values,
        );
        if ([] !== $dogs) {
            // In SQL, so that two writes at once both count.
            $this->db->executeStatement(
                'UPDATE dog SET card_version = card_version + 1 WHERE id IN ('.
                    implode(', ', array_fill(0, \count($dogs), '?')).
                    ')',
                array_values($dogs),
            );
        }
    }
}
