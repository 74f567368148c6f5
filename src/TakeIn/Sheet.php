<?php

/** A table as a spreadsheet saves it: its encoding and separator are found out, its rows are read one at a time. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Core\Input\InvalidInput;

final readonly class Sheet
{
    public const MAX_BYTES = 12_000_000;
    public const MOST_ROWS = 20_000;
    public const MOST_COLUMNS = 80;
    private const SEPARATORS = [',', ';', "\t", '|'];

    /**
     * @param list<string> $header
     * @param string $encoding as it was read, for people
     */
    private function __construct(
        private string $text,
        public string $separator,
        public array $header,
        public string $encoding,
    ) {
    }

    /** @throws InvalidInput for what is no table of text */
    public static function of(string $bytes): self
    {
        if (\strlen($bytes) > self::MAX_BYTES) {
            throw InvalidInput::at('file', 'is larger than '.(int) (self::MAX_BYTES / 1e6).' MB: send it in parts');
        }
        [$text, $encoding] = self::decoded($bytes);
        if ('' === trim($text)) {
            throw InvalidInput::at('file', 'is empty');
        }
        if (str_contains($text, "\0") || str_starts_with($text, 'PK') || str_starts_with($text, '%PDF')) {
            throw InvalidInput::at('file', 'is no table of text: save the sheet as CSV first');
        }
        $separator = self::separator($text);
        $first = self::rows($text, $separator)->current();
        $header = array_map(static fn (?string $c): string => trim((string) $c), \is_array($first) ? $first : []);
        if (\count($header) < 2 || \count($header) > self::MOST_COLUMNS) {
            throw InvalidInput::at(
                'file',
                'must begin with a row of the names of its columns, 2 to '.self::MOST_COLUMNS.' of them',
            );
        }

        return new self($text, $separator, $header, $encoding);
    }

    /**
     * Rows below the header, by their number in the sheet; empty ones are left out.
     *
     * @return \Generator<int, list<string>>
     */
    public function below(): \Generator
    {
        foreach (self::rows($this->text, $this->separator) as $n => $row) {
            $cells = array_map(static fn (?string $c): string => self::plain((string) $c), $row);
            if (0 < $n && '' !== implode('', $cells)) {
                yield $n + 1 => $cells;
            }
        }
    }

    /** @param list<string> $row */
    public function isHeaderAgain(array $row): bool
    {
        return $row === $this->header;
    }

    /** A ' that keeps a spreadsheet from taking text for a formula is not part of the text. */
    private static function plain(string $cell): string
    {
        $cell = trim($cell);

        return 1 === preg_match("/^'[=+\\-@\\t\\r]/", $cell) ? substr($cell, 1) : $cell;
    }

    /** @return array{string, string} */
    private static function decoded(string $bytes): array
    {
        $marks = ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];
        foreach ($marks as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                $rest = substr($bytes, \strlen($mark));
                $text = 'UTF-8' === $encoding ? $rest : mb_convert_encoding($rest, 'UTF-8', $encoding);

                return [mb_scrub((string) $text), $encoding];
            }
        }

        return mb_check_encoding($bytes, 'UTF-8')
            ? [$bytes, 'UTF-8']
            : [(string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'), 'Windows-1252'];
    }

    /** The sign that parts the first line into most columns. */
    private static function separator(string $text): string
    {
        $most = [0, ','];
        foreach (self::SEPARATORS as $sign) {
            $first = self::rows($text, $sign)->current();
            $most = max($most, [\is_array($first) ? \count($first) : 0, $sign]);
        }

        return $most[1];
    }

    /** @return \Generator<int, list<string|null>> */
    private static function rows(string $text, string $separator): \Generator
    {
        $in = fopen('php://temp', 'r+');
        if (false === $in) {
            throw new \RuntimeException('No room to read a table.');
        }
        fwrite($in, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($in);
        for ($n = 0; false !== ($row = fgetcsv($in, null, $separator, '"', '')); ++$n) {
            yield $n => $row;
        }
        fclose($in);
    }
}
