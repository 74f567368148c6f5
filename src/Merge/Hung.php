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
     * @return array{array<string, list<string>>, int} hexadecimal ids that moved, by "table.column", how many not
     */
    public function move(string $from, string $to): array
    {
        $moved = [];
        $left = 0;
        foreach ($this->columns() as $where) {
            [$table, $column] = explode('.', $where);
            $before = $this->ids($table, $column, $from);
            if ([] === $before) {
                continue;
            }
            $this->db->executeStatement("UPDATE IGNORE `$table` SET $column = ? WHERE $column = ?", [$to, $from]);
            $after = $this->ids($table, $column, $from);
            $left += \count($after);
            $moved[$where] = array_values(array_diff($before, $after));
        }

        return [$moved, $left];
    }

    /** @param array<string, list<string>> $moved as move() gave it; rows that are gone meanwhile are no matter */
    public function back(array $moved, string $from, string $to): void
    {
        $columns = $this->columns();
        foreach ($moved as $where => $ids) {
            // Records that were made one before this kept their tables by name alone.
            [$table, $column] = [...explode('.', $where), 'dog_id'];
            if (!\in_array("$table.$column", $columns, true)) {
                continue;
            }
            foreach (array_chunk($ids, 500) as $some) {
                $this->db->executeStatement(
                    "UPDATE IGNORE `$table` SET $column = ? WHERE $column = ? AND id IN (".
                        implode(', ', array_fill(0, \count($some), 'UNHEX(?)')).')',
                    [$to, $from, ...$some],
                );
            }
        }
    }

    /** @return list<string> */
    private function ids(string $table, string $column, string $dog): array
    {
        return array_map(
            Row::text(...),
            $this->db->fetchFirstColumn("SELECT HEX(id) FROM `$table` WHERE $column = ?", [$dog]),
        );
    }

    /** @return list<string> "table.column"; another salon that may see a dog's history goes on with the kept record */
    private function columns(): array
    {
        $all = $this->db->fetchAllAssociative(
            "SELECT table_name t, column_name c FROM information_schema.columns
            WHERE table_schema = DATABASE() AND column_name IN ('dog_id', 'from_dog_id')
            ORDER BY table_name, column_name",
        );
        $out = [];
        foreach ($all as $row) {
            if (!\in_array($row['t'], self::NOT, true)) {
                $out[] = Row::text($row['t']).'.'.Row::text($row['c']);
            }
        }

        return $out;
    }
}
