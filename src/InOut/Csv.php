<?php

/** Rows as CSV (RFC 4180): what a spreadsheet would take for a formula has a ' before it. */

declare(strict_types=1);

namespace KeenThistle\InOut;

final class Csv
{
    private const FORMULA = "=+-@\t\r";
    private const JSON = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES;

    private function __construct()
    {
    }

    /** @param list<array<array-key, mixed>> $rows */
    public static function of(array $rows): string
    {
        $out = fopen('php://memory', 'r+');
        if (false === $out) {
            throw new \RuntimeException('There is no memory for a table.');
        }
        foreach ($rows as $row) {
            fputcsv($out, array_map(self::cell(...), $row), escape: '', eol: "\r\n");
        }
        rewind($out);
        $text = stream_get_contents($out);
        fclose($out);

        return (string) $text;
    }

    private static function cell(mixed $value): string
    {
        return match (true) {
            null === $value => '',
            \is_bool($value) => $value ? '1' : '0',
            \is_int($value), \is_float($value) => (string) $value,
            \is_string($value) => '' !== $value && str_contains(self::FORMULA, $value[0]) ? "'$value" : $value,
            default => json_encode($value, self::JSON),
        };
    }
}
