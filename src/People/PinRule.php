<?php

/** What a PIN must be: four to eight digits, and none that a guest at the tablet tries first. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Core\Input\InvalidInput;

final class PinRule
{
    /** 12345678 and back, and what lies in a line on the keys. */
    private const ROWS = ['01234567890', '09876543210', '2580', '0852', '1470', '3690'];

    private function __construct()
    {
    }

    /** @throws InvalidInput naming the field */
    public static function hold(#[\SensitiveParameter] string $pin, string $field): void
    {
        $why = match (true) {
            1 !== preg_match('/^\d{4,8}$/D', $pin) => 'must be four to eight digits',
            \count(array_unique(str_split($pin))) < 3 => 'is tried first: take at least three different digits',
            self::isRow($pin) => 'is tried first: its digits stand in a row',
            1 === preg_match('/^(19|20)\d\d$/D', $pin) => 'is tried first: it looks like a year',
            default => null,
        };
        if (null !== $why) {
            throw InvalidInput::at($field, $why);
        }
    }

    private static function isRow(string $pin): bool
    {
        foreach (self::ROWS as $row) {
            if (str_contains($row, $pin)) {
                return true;
            }
        }

        return false;
    }
}
