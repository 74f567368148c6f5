<?php

/** Takes the dogs of a sheet out again, with the homes that came with them; none of them, where one has a history. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use Doctrine\DBAL\Connection;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<UndoImport> */
final readonly class UndoImportHandler implements Handler
{
    /** What hangs on a dog that nobody has worked with yet; everything else is a history. */
    private const BEGINNINGS = ['trim_plan', 'dog_term', 'change_log', 'length_change'];

    public function __construct(private Imports $imports, private Connection $db)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $import = $this->imports->get($actor, $command->import);
        $this->imports->move($import['id'], 'done', 'undone', 'Only what was taken in to its end can be taken out.');
        $id = Uuid::fromString($import['id'])->toBinary();
        $of = 'JOIN imported i ON i.dog_id = %s AND i.import_id = :import';
        foreach ($this->tables() as $table) {
            if (\in_array($table, self::BEGINNINGS, true)) {
                continue;
            }
            $dogs = $this->db->fetchFirstColumn(
                "SELECT DISTINCT d.name FROM $table t ".\sprintf($of, 't.dog_id').
                    ' JOIN dog d ON d.id = t.dog_id ORDER BY d.name LIMIT 6',
                ['import' => $id],
            );
            if ([] !== $dogs) {
                $names = implode(', ', array_map(Row::text(...), $dogs));
                throw Refused::conflict("They have been worked with since: $names. Nothing was taken out.");
            }
        }
        $homes = 'SELECT DISTINCT d.household_id FROM dog d '.\sprintf($of, 'd.id');
        $this->db->executeStatement('CREATE TEMPORARY TABLE IF NOT EXISTS gone_home (id BINARY(16) PRIMARY KEY)');
        $this->db->executeStatement('DELETE FROM gone_home');
        $this->db->executeStatement("INSERT INTO gone_home $homes", ['import' => $id]);
        $this->db->executeStatement(
            'DELETE z FROM plan_zone z JOIN trim_plan p ON p.id = z.plan_id '.\sprintf($of, 'p.dog_id'),
            ['import' => $id],
        );
        foreach (['trim_plan', 'dog_term', 'length_change'] as $table) {
            $this->db->executeStatement("DELETE t FROM $table t ".\sprintf($of, 't.dog_id'), ['import' => $id]);
        }
        $this->db->executeStatement(
            'UPDATE change_log t '.\sprintf($of, 't.dog_id').' SET t.dog_id = NULL',
            ['import' => $id],
        );
        $gone = (int) $this->db->executeStatement('DELETE d FROM dog d '.\sprintf($of, 'd.id'), ['import' => $id]);
        // Homes that were there before and have another dog, or were written to, stay.
        foreach (
            [
                'DELETE g FROM gone_home g JOIN dog d ON d.household_id = g.id',
                'DELETE g FROM gone_home g JOIN client c ON c.household_id = g.id JOIN message m ON m.client_id = c.id',
                'DELETE c FROM client c JOIN gone_home g ON g.id = c.household_id',
                'DELETE h FROM household h JOIN gone_home g ON g.id = h.id',
            ] as $sql
        ) {
            $this->db->executeStatement($sql);
        }
        $this->db->executeStatement('DELETE FROM imported WHERE import_id = ?', [$id]);
        $this->imports->now($import['id'], 'undone', -$import['made']);

        return new Outcome(
            ['import' => $import['id']],
            [new Entry(null, 'import', $import['id'], "$gone dogs of $import[name] are taken out again")],
        );
    }

    /** @return list<string> that name a dog */
    private function tables(): array
    {
        return array_map(Row::text(...), $this->db->fetchFirstColumn(
            "SELECT table_name FROM information_schema.columns WHERE table_schema = DATABASE() AND
                column_name = 'dog_id' AND table_name <> 'imported' ORDER BY table_name",
        ));
    }
}
