<?php

/**
 * A dilution as somebody types it: "1:10" or "10". What was typed the wrong way round is asked about, never swallowed.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Wash;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;

final class Ratio
{
    private function __construct()
    {
    }

    /**
     * @return float parts of water to one part of concentrate, 1 to 200
     *
     * @throws InvalidInput for 0, for 10:1, for anything that is no dilution
     */
    public static function parse(string $typed, string $field = 'ratio'): float
    {
        $text = str_replace([',', ' '], ['.', ''], trim($typed));
        if (1 !== preg_match('/^(?:(\d{1,4}(?:\.\d{1,3})?):)?(\d{1,4}(?:\.\d{1,3})?)$/', $text, $m)) {
            throw InvalidInput::at($field, Say::it('wash.must_be_written_1_10_or'));
        }
        $n = (float) $m[2];
        if ('' !== $m[1]) {
            $first = (float) $m[1];
            if (0.0 === $first || 0.0 === $n) {
                throw InvalidInput::at($field, Say::it('wash.has_nothing_on_one_side_1'));
            }
            if ($first > $n) {
                throw InvalidInput::at(
                    $field,
                    Say::it('wash.says_more_concentrate_than_water_was', self::plain(round($first / $n, 1))),
                );
            }
            $n /= $first;
        }
        MixRule::ratio($n, $field);

        return $n;
    }

    public static function plain(float $n): string
    {
        return rtrim(rtrim(number_format($n, 1, '.', ''), '0'), '.');
    }
}
