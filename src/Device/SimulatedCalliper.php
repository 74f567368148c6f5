<?php

/**
 * Stands in for a calliper: every tool leaves a little more than it is marked for, and no two strokes read alike. The
 * same question, the same answer.
 */

declare(strict_types=1);

namespace KeenThistle\Device;

final readonly class SimulatedCalliper implements Calliper
{
    /** A tool leaves this share more, */
    private const MADE = 0.05;
    /** up to this share off it: never just what is stamped on it, whatever its strokes read. */
    private const OFF = 0.02;
    /** One stroke differs from the next by up to this share, and by this much at least, mm. */
    private const STROKE = 0.02;
    private const STROKE_LEAST = 0.05;

    public function read(string $tool, float $likely, int $stroke): float
    {
        $made = $likely * (1 + self::MADE + self::OFF * self::between($tool));
        $shake = max(self::STROKE_LEAST, self::STROKE * $likely) * self::between("$tool#$stroke");

        return max(0.1, round($made + $shake, 2));
    }

    /** −1 to 1, by the name alone. */
    private static function between(string $name): float
    {
        return (crc32($name) % 2001) / 1000 - 1;
    }
}
