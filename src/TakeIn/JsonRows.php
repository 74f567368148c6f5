<?php

/** Reads a salon's JSON a row at a time: a large one is never in memory at once. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Core\Input\InvalidInput;

/** Knows the shape alone: {head…, "tables": {"name": [row, …]}}; what a row may hold is others' to say. */
final readonly class JsonRows
{
    private const PIECE = 65_536;
    private const LONGEST_ROW = 4_000_000;

    public function __construct(private string $path)
    {
    }

    /**
     * @return \Generator<int, array{string, \stdClass}> table and row, in the order of the file; returns the head
     *
     * @throws InvalidInput where it is no such file, or half of one
     */
    public function all(): \Generator
    {
        $in = fopen($this->path, 'r');
        if (false === $in) {
            throw InvalidInput::at('file', 'cannot be read');
        }
        $text = $head = $table = '';
        $at = $depth = $from = 0;
        $quoted = false;
        $quoteFrom = 0;
        $lastString = '';
        while (true) {
            $at += strcspn($text, $quoted ? '"\\' : '"{}[]', $at);
            if ($at >= \strlen($text)) {
                $more = fread($in, self::PIECE);
                if (false === $more || '' === $more) {
                    break;
                }
                // What is done with goes; what is not yet is kept from its beginning.
                $keep = min($quoted ? $quoteFrom : $at, 4 <= $depth || 1 === $depth ? $from : $at);
                $text = substr($text, $keep).$more;
                [$at, $from, $quoteFrom] = [$at - $keep, $from - $keep, $quoteFrom - $keep];
                if (\strlen($text) > self::LONGEST_ROW) {
                    throw InvalidInput::at('file', "has a row in $table that is too long");
                }
                continue;
            }
            $sign = $text[$at++];
            if ($quoted) {
                if ('\\' === $sign) {
                    if ($at >= \strlen($text)) {
                        $text .= (string) fread($in, 16);
                    }
                    ++$at;
                } else {
                    $quoted = false;
                    $lastString = substr($text, $quoteFrom, $at - $quoteFrom - 1);
                }
                continue;
            }
            if ('"' === $sign) {
                [$quoted, $quoteFrom] = [true, $at];
                continue;
            }
            if ('{' === $sign || '[' === $sign) {
                ++$depth;
                if (1 === $depth) {
                    $from = $at - 1;
                } elseif (2 === $depth) {
                    if ('tables' !== $lastString) {
                        throw InvalidInput::at('file', 'is no salon to take in: it has no "tables"');
                    }
                    $head = substr($text, $from, $at - $from);
                } elseif (3 === $depth) {
                    $table = $lastString;
                } elseif (4 === $depth) {
                    $from = $at - 1;
                }
                continue;
            }
            if (4 === $depth) {
                $row = json_decode(substr($text, $from, $at - $from), false, 64);
                if (!$row instanceof \stdClass) {
                    throw InvalidInput::at('file', "has something in $table that is no row");
                }
                yield [$table, $row];
            }
            --$depth;
        }
        fclose($in);
        if (0 !== $depth || '' === $head) {
            throw InvalidInput::at('file', 'is no salon to take in, or ends in the middle');
        }

        return $head.'}}';
    }
}
