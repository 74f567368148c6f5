<?php

/** Reads the parts of an address book or a calendar, however loosely it was written. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Core\Input\InvalidInput;
use Sabre\VObject\Document;
use Sabre\VObject\ParseException;
use Sabre\VObject\Parser\MimeDir;
use Sabre\VObject\Splitter\ICalendar;
use Sabre\VObject\Splitter\VCard;

final class Parsed
{
    private const MOST_BYTES = 12_000_000;

    private function __construct()
    {
    }

    /**
     * @return \Generator<Document> cards one by one
     *
     * @throws InvalidInput
     */
    public static function cards(string $bytes): \Generator
    {
        $text = self::text($bytes, 'BEGIN:VCARD', 'no address book (vCard)');
        yield from self::parts(new VCard(self::stream($text), MimeDir::OPTION_FORGIVING));
    }

    /**
     * @return \Generator<Document> a calendar for each of its events, repeated ones together
     *
     * @throws InvalidInput
     */
    public static function events(string $bytes): \Generator
    {
        $text = self::text($bytes, 'BEGIN:VCALENDAR', 'no calendar (iCalendar)');
        try {
            yield from self::parts(new ICalendar(self::stream($text), MimeDir::OPTION_FORGIVING));
        } catch (ParseException $e) {
            throw InvalidInput::at('file', 'cannot be read: '.mb_strimwidth($e->getMessage(), 0, 120, '…'));
        }
    }

    /** @return \Generator<Document> */
    private static function parts(VCard|ICalendar $parts): \Generator
    {
        try {
            while (null !== ($part = $parts->getNext())) {
                if ($part instanceof Document) {
                    yield $part;
                }
            }
        } catch (ParseException $e) {
            throw InvalidInput::at('file', 'cannot be read: '.mb_strimwidth($e->getMessage(), 0, 120, '…'));
        }
    }

    private static function text(string $bytes, string $begins, string $else): string
    {
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::at('file', 'must be 12 MB or less');
        }
        $text = match (true) {
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };

        return str_contains(strtoupper(substr($text, 0, 2000)), $begins)
            ? $text
            : throw InvalidInput::at('file', "is $else");
    }

    /** @return resource */
    private static function stream(string $text)
    {
        $stream = fopen('php://temp', 'r+');
        if (false === $stream) {
            throw new \RuntimeException('There is no room to read a file.');
        }
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }
}
