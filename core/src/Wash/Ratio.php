<?php

/**
 * A dilution as somebody types it: "1:10" or "10". What was typed the wrong way round is asked about, never swallowed.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Wash;

use KeenThistle\Core\Input\InvalidInput;

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
            throw InvalidInput::at(
                $field,
                'must be written 1:10, or 10 for the parts of water to one part of concentrate',
            );
        }
        $n = (float) $m[2];
        if ('' !== $m[1]) {
            $first = (float) $m[1];
            if (0.0 === $first || 0.0 === $n) {
                throw InvalidInput::at(
                    $field,
                    'has nothing on one side: 1:10 is one part concentrate to ten parts water',
                );
            }
            if ($first > $n) {
                throw InvalidInput::at(
                    $field,
                    \sprintf('says more concentrate than water: was 1:%s meant?', self::plain(round($first / $n, 1))),
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
