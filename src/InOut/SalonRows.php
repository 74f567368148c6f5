<?php

/** Reads the rows of a salon in its open format, a piece of a table at a time. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Doctrine\DBAL\Connection;
use KeenThistle\Salon\Row;
use Symfony\Component\Uid\Uuid;

final readonly class SalonRows
{
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
        $rows = $this->db->fetchAllAssociative(
            'SELECT '.implode(', ', array_map(static fn (string $c): string => "`$c`", array_keys($columns))).
                " FROM $table WHERE $of = :salon AND id > :after ORDER BY id LIMIT $most",
            [
                'salon' => $salon->toBinary(),
                'after' => '' === $after ? '' : Uuid::fromString($after)->toBinary(),
            ],
        );

        return array_map(static fn (array $row): array => self::row($row, $columns), $rows);
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
            foreach ($rows as $row) {
                $out[] = self::row($row, $columns);
            }
        }

        return $out;
    }

    /**
     * @param array<string, mixed> $row
     * @param array<string, string> $columns
     *
     * @return array<string, mixed>
     */
    private static function row(array $row, array $columns): array
    {
        $out = [];
        foreach ($columns as $name => $type) {
            $value = $row[$name];
            $out[$name] = null === $value ? null : self::value($value, $type);
        }

        return $out;
    }

    /** What was written to owners has links in it that open something. */
    private static function withoutSecrets(string $text): string
    {
        return str_contains($text, '/') ? (string) preg_replace(self::LINK, '/$1/…', $text) : $text;
    }

    /** The shortest way to each: an export asks for it tens of millions of times. */
    private static function value(mixed $value, string $type): mixed
    {
        return match ($type) {
            'id', 'id?' => self::id(Row::text($value)),
            'integer', 'integer?' => (int) Row::int($value),
            'number', 'number?' => is_numeric($value) ? (float) $value : null,
            'boolean', 'boolean?' => 1 === Row::int($value),
            'json', 'json?' => json_decode(Row::text($value), false, 64, \JSON_THROW_ON_ERROR),
            'instant', 'instant?' => Row::instant($value),
            default => self::withoutSecrets(Row::text($value)),
        };
    }

    private static function id(string $raw): string
    {
        $hex = bin2hex($raw);

        return substr($hex, 0, 8).'-'.substr($hex, 8, 4).'-'.substr($hex, 12, 4).'-'.substr($hex, 16, 4).'-'
            .substr($hex, 20);
    }
}
