<?php

/** Reads the rows of a salon in its open format, a piece of a table at a time. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Doctrine\DBAL\Connection;
use KeenThistle\Salon\Row;
use Symfony\Component\Uid\Uuid;

final readonly class SalonRows
{
    /** In what was written to owners: it opens something. */
    private const LINK = '~/(agreement|care|date|receipt|history|enter|calendar)/[0-9a-f]{32,64}~';

    public function __construct(private Connection $db, private SalonFormat $format)
    {
    }

    public function count(Uuid $salon): int
    {
        $all = 0;
        foreach (array_keys($this->format->tables()) as $table) {
            $of = 'salon' === $table ? 'id' : 'salon_id';
            $count = $this->db->fetchOne("SELECT COUNT(*) FROM $table WHERE $of = ?", [$salon->toBinary()]);
            $all += Row::int($count) ?? 0;
        }

        return $all;
    }

    /**
     * @param string $after id of the last row of the piece before; empty: from the first
     *
     * @return list<array<string, mixed>> by id, at most so many
     */
    public function piece(Uuid $salon, string $table, string $after, int $most): array
    {
        $columns = $this->format->tables()[$table] ?? throw new \LogicException("There is no table $table.");
        $of = 'salon' === $table ? 'id' : 'salon_id';
        $list = implode(', ', array_map(static fn (string $c): string => "t.`$c`", array_keys($columns)));
        // The ids by themselves come straight out of an index; with the columns beside them the server reads every
        // row of the salon up to there again for each piece.
        $ids = "SELECT id FROM `$table` WHERE $of = :salon AND id > :after ORDER BY id LIMIT $most";
        $rows = $this->db->fetchAllAssociative(
            "SELECT $list FROM ($ids) i JOIN `$table` t ON t.id = i.id ORDER BY t.id",
            [
                'salon' => $salon->toBinary(),
                'after' => '' === $after ? '' : Uuid::fromString($after)->toBinary(),
            ],
        );

        return self::converted($rows, $columns);
    }

    /**
     * Rows of a table that name one of these in a column.
     *
     * @param list<string> $ids
     *
     * @return list<array<string, mixed>> by id
     */
    public function naming(Uuid $salon, string $table, string $column, array $ids): array
    {
        $columns = $this->format->tables()[$table] ?? throw new \LogicException("There is no table $table.");
        $out = [];
        foreach (array_chunk($ids, 500) as $some) {
            $list = Row::list(array_map(Uuid::fromString(...), $some));
            $rows = $this->db->fetchAllAssociative(
                'SELECT '.implode(', ', array_map(static fn (string $c): string => "`$c`", array_keys($columns))).
                    " FROM `$table` WHERE salon_id = ? AND `$column` IN ($list) ORDER BY id",
                [$salon->toBinary()],
            );
            $out = [...$out, ...self::converted($rows, $columns)];
        }

        return $out;
    }

    /**
     * By hand and not value by value: an export asks for tens of millions of them, most already as they are to be.
     *
     * @param list<array<string, mixed>> $rows
     * @param array<string, string> $columns
     *
     * @return list<array<string, mixed>>
     */
    private static function converted(array $rows, array $columns): array
    {
        $of = [];
        foreach ($columns as $name => $type) {
            $of[rtrim($type, '?')][] = $name;
        }
        $out = [];
        foreach ($rows as $row) {
            foreach ($of['id'] ?? [] as $c) {
                $row[$c] = \is_string($row[$c]) ? self::id($row[$c]) : null;
            }
            foreach ($of['text'] ?? [] as $c) {
                if (\is_string($row[$c]) && str_contains($row[$c], '/')) {
                    $row[$c] = (string) preg_replace(self::LINK, '/$1/…', $row[$c]);
                }
            }
            foreach ($of['integer'] ?? [] as $c) {
                $row[$c] = \is_string($row[$c]) ? (int) $row[$c] : $row[$c];
            }
            foreach ($of['number'] ?? [] as $c) {
                $row[$c] = is_numeric($row[$c]) ? (float) $row[$c] : null;
            }
            foreach ($of['boolean'] ?? [] as $c) {
                $row[$c] = null === $row[$c] ? null : 1 === (int) Row::int($row[$c]);
            }
            foreach ($of['json'] ?? [] as $c) {
                $row[$c] = \is_string($row[$c]) ? json_decode($row[$c], false, 64, \JSON_THROW_ON_ERROR) : null;
            }
            foreach ($of['instant'] ?? [] as $c) {
                $row[$c] = null === $row[$c] ? null : Row::instant($row[$c]);
            }
            $out[] = $row;
        }

        return $out;
    }

    private static function id(string $raw): string
    {
        $hex = bin2hex($raw);

        return substr($hex, 0, 8).'-'.substr($hex, 8, 4).'-'.substr($hex, 12, 4).'-'.substr($hex, 16, 4).'-'
            .substr($hex, 20);
    }
}
