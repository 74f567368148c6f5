<?php

/** A dog's body surface from its weight: what matting, minutes and shampoo are reckoned on. */

declare(strict_types=1);

namespace KeenThistle\Core\Measure;

final class Surface
{
    private const FACTOR = 0.101;

    private function __construct()
    {
    }

    /** Square metres. @param float $kg 0.3 to 120 */
    public static function m2(float $kg): float
    {
        return self::FACTOR * $kg ** (2 / 3);
    }

    public static function cm2(float $kg): float
    {
        return 10_000 * self::m2($kg);
    }
}
