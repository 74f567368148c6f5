<?php

/** What the database gave, typed: SQL knows neither ids nor instants as the API writes them. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Symfony\Component\Uid\Uuid;

final class Row
{
    private function __construct()
    {
    }

    public static function text(mixed $value): string
    {
        return \is_string($value) ? $value : throw new \LogicException('This column holds text.');
    }

    public static function int(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }

    /** An id as the API writes it. */
    public static function id(mixed $value): string
    {
        return (string) Uuid::fromBinary(self::text($value));
    }

    /** An instant as the API writes it, 2026-05-04T09:00:00Z; rows hold UTC. */
    public static function instant(mixed $value): string
    {
        return str_replace(' ', 'T', self::text($value)).'Z';
    }

    /** The lowest id of a moment: ids begin with the milliseconds they were made at. */
    public static function lowestId(int $ms): string
    {
        return substr(pack('J', $ms), 2).str_repeat("\0", 10);
    }

    /** @param list<Uuid> $ids as they are listed in SQL */
    public static function list(array $ids): string
    {
        return implode(', ', array_map(static fn (Uuid $id): string => "x'".bin2hex($id->toBinary())."'", $ids));
    }

    /** @return list<string> what a JSON column of texts holds */
    public static function texts(mixed $json): array
    {
        return array_values(self::words($json));
    }

    /** @return array<string, string> what a JSON column of words by name holds */
    public static function words(mixed $json): array
    {
        $read = \is_string($json) ? json_decode($json, true) : null;
        $out = [];
        foreach (\is_array($read) ? $read : [] as $name => $word) {
            if (\is_string($word)) {
                $out[(string) $name] = $word;
            }
        }

        return $out;
    }
}
