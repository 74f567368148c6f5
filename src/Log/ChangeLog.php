<?php

/** Writes what a command changed: all its entries in one statement, and the version of each card they are about. */

declare(strict_types=1);

namespace KeenThistle\Log;

use Doctrine\DBAL\Connection;
use KeenThistle\Salon\LostRace;
use KeenThistle\Staff\Actor;
use Symfony\Component\Clock\ClockInterface;

final readonly class ChangeLog
{
    public function __construct(private Connection $db, private ClockInterface $clock)
    {
    }

    private static function said(Entry $entry, Actor $actor): string
    {
        $through = null === $actor->programme ? '' : " (through $actor->programme)";

        return mb_substr($entry->summary, 0, 300 - mb_strlen($through)).$through;
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
            $rows[] = '(?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)';
            array_push(
                $values,
                $entry->id->toBinary(),
                $actor->salon->toBinary(),
                $dog,
                $actor->staff->toBinary(),
                $this->clock->now()->format('Y-m-d H:i:s'),
                $entry->kind,
                $entry->subject,
                self::said($entry, $actor),
                null === $entry->before ? null : json_encode($entry->before, \JSON_THROW_ON_ERROR),
                null === $entry->after ? null : json_encode($entry->after, \JSON_THROW_ON_ERROR),
                $entry->revision,
                $entry->partOf?->toBinary(),
            );
            if (null !== $dog) {
                $dogs[$dog] = $dog;
            }
        }
        $this->db->executeStatement(
            'INSERT INTO change_log
                (id, salon_id, dog_id, staff_id, at, kind, subject, summary, was, became, revision, part_of)
            VALUES '.implode(', ', $rows),
            $values,
        );
        $this->takeBack($entries);
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

    /**
     * @param list<Entry> $entries
     *
     * @throws LostRace when somebody else has taken one back meanwhile
     */
    private function takeBack(array $entries): void
    {
        $by = $which = $cases = [];
        foreach ($entries as $entry) {
            if (null !== $entry->takesBack) {
                array_push($by, $entry->takesBack->toBinary(), $entry->id->toBinary());
                $which[] = $entry->takesBack->toBinary();
                $cases[] = 'WHEN ? THEN ?';
            }
        }
        if ([] === $which) {
            return;
        }
        $marks = implode(', ', array_fill(0, \count($which), '?'));
        $taken = (int) $this->db->executeStatement(
            'UPDATE change_log SET undone_by_id = CASE id '.
                implode(' ', $cases).
                " END WHERE id IN ($marks) AND undone_by_id IS NULL",
            [...$by, ...$which],
        );
        if ($taken !== \count($which)) {
            throw LostRace::rows('change_log', \count($which), $taken);
        }
    }
}
