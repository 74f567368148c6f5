<?php

/** What hangs on a dog, in whatever module: moved from one record to the other, row by row, and back. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use Doctrine\DBAL\Connection;
use KeenThistle\Salon\Row;

final readonly class Hung
{
    /** Made anew from a dog's row, or only ever of one of the two. */
    private const NOT = ['dog_term', 'imported', 'dog_merge', 'trim_plan', 'house_pattern_follow'];

    public function __construct(private Connection $db)
    {
    }

    /**
     * A row that the kept dog has already (an arrival of the same day, a handling of the same tool) stays where it is.
     *
     * @return array{array<string, list<string>>, int} hexadecimal ids that moved, by table, and how many could not
     */
    public function move(string $from, string $to): array
    {
        $moved = [];
        $left = 0;
        foreach ($this->tables() as $table) {
            $before = $this->ids($table, $from);
            if ([] === $before) {
                continue;
            }
            $this->db->executeStatement("UPDATE IGNORE `$table` SET dog_id = ? WHERE dog_id = ?", [$to, $from]);
            $after = $this->ids($table, $from);
            $left += \count($after);
            $moved[$table] = array_values(array_diff($before, $after));
        }

        return [$moved, $left];
    }

    /** @param array<string, list<string>> $moved as move() gave it; rows that are gone meanwhile are no matter */
    public function back(array $moved, string $from, string $to): void
    {
        $tables = $this->tables();
        foreach ($moved as $table => $ids) {
            if (!\in_array($table, $tables, true)) {
                continue;
            }
            foreach (array_chunk($ids, 500) as $some) {
                $this->db->executeStatement(
                    "UPDATE IGNORE `$table` SET dog_id = ? WHERE dog_id = ? AND id IN (".
                        implode(', ', array_fill(0, \count($some), 'UNHEX(?)')).')',
                    [$to, $from, ...$some],
                );
            }
        }
    }

    /** @return list<string> */
    private function ids(string $table, string $dog): array
    {
        return array_map(
            Row::text(...),
            $this->db->fetchFirstColumn("SELECT HEX(id) FROM `$table` WHERE dog_id = ?", [$dog]),
        );
    }

    /** @return list<string> */
    private function tables(): array
    {
        $all = array_map(Row::text(...), $this->db->fetchFirstColumn(
            "SELECT table_name FROM information_schema.columns
            WHERE table_schema = DATABASE() AND column_name = 'dog_id' ORDER BY table_name",
        ));

        return array_values(array_diff($all, self::NOT));
    }
}
