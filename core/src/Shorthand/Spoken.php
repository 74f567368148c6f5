<?php

/**
 * Tools as they are said aloud: "ten", "seven eff", "three quarters over thirty". Closed lists, so that a misheard
 * word stays a fault.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

final class Spoken
{
    private const BLADES = [
        'toe' => 'toe',
        'ten' => '10',
        'fifteen' => '15',
        'thirty' => '30',
        'forty' => '40',
        'fifty' => '50',
        'nine' => '9',
        'seven' => '7',
        'six' => '6F',
        'five' => '5',
        'four' => '4',
        'three' => '3',
    ];
    private const FULL = ['seven' => '7F', 'six' => '6F', 'five' => '5F', 'four' => '4F', 'three' => '3F'];
    private const INCHES = ['eighth' => 3.175, 'quarter' => 6.35, 'half' => 12.7, 'inch' => 25.4];
    private const TIMES = ['one' => 1, 'two' => 2, 'three' => 3, 'five' => 5, 'seven' => 7, 'a' => 1, 'an' => 1];
    private const MM = [
        'three' => 3,
        'six' => 6,
        'eight' => 8,
        'ten' => 10,
        'thirteen' => 13,
        'sixteen' => 16,
        'nineteen' => 19,
        'twenty' => 20,
        'twentyfive' => 25,
    ];
    private const BASES = [
        'ten' => '10',
        'fifteen' => '15',
        'thirty' => '30',
        'forty' => '40',
        '10' => '10',
        '15' => '15',
        '30' => '30',
        '40' => '40',
    ];
    /** As it is printed on a guard: "1/2". */
    private const FRACTION = '/^([1357])\/(2|4|8)$/';
    private const INCH_MM = 25.4;

    private function __construct()
    {
    }

    /** Whether a word can begin a spoken tool at all. */
    public static function begins(string $word): bool
    {
        return 1 === preg_match(self::FRACTION, $word)
            || isset(self::BLADES[$word])
            || isset(self::TIMES[$word])
            || isset(self::INCHES[$word])
            || isset(self::MM[$word]);
    }

    /**
     * @param list<string> $words lower case, from the tool on
     * @param list<float> $guards mm in the kit: fractions mean the nearest within 1 mm
     *
     * @return array{int, string}|null words used, and the tool as it is written
     */
    public static function tool(array $words, array $guards): ?array
    {
        for ($over = 1; $over < min(4, \count($words)); ++$over) {
            if ('over' === $words[$over]) {
                $base = self::BASES[$words[$over + 1] ?? ''] ?? null;
                $mm = self::length(\array_slice($words, 0, $over));

                return null === $base || null === $mm ? null : [$over + 2, self::guard($mm, $guards).'/'.$base];
            }
        }
        if (\in_array($words[1] ?? '', ['eff', 'f', 'full'], true) && isset(self::FULL[$words[0]])) {
            return [2, self::FULL[$words[0]]];
        }

        return isset(self::BLADES[$words[0] ?? '']) ? [1, self::BLADES[$words[0]]] : null;
    }

    /** @param list<string> $words */
    private static function length(array $words): ?float
    {
        if (1 === \count($words) && 1 === preg_match(self::FRACTION, $words[0], $m)) {
            return (self::INCH_MM * (int) $m[1]) / (int) $m[2];
        }
        if (1 === \count($words)) {
            return self::INCHES[$words[0]] ?? (isset(self::MM[$words[0]]) ? (float) self::MM[$words[0]] : null);
        }
        $part = self::INCHES[rtrim($words[1], 's')] ?? ('halves' === $words[1] ? self::INCHES['half'] : null);

        return 2 === \count($words) && null !== $part && isset(self::TIMES[$words[0]])
            ? self::TIMES[$words[0]] * $part
            : null;
    }

    /** @param list<float> $guards */
    private static function guard(float $mm, array $guards): string
    {
        $best = $mm;
        $least = 1.0;
        foreach ($guards as $guard) {
            if (abs($guard - $mm) <= $least) {
                $least = abs($guard - $mm);
                $best = $guard;
            }
        }

        return rtrim(rtrim(number_format($best, 1, '.', ''), '0'), '.');
    }
}
