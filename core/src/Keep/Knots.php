<?php

/** How a coat knots between visits: rate, stage, combing at home and length, over the weeks. */

declare(strict_types=1);

namespace KeenThistle\Core\Keep;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Upkeep;

final class Knots
{
    /** From this mean length on a coat knots as fast as it can; short ones at least a tenth as fast. */
    public const FULL_MM = 40.0;
    public const LEAST = 0.1;
    private const LONGEST_TENTHS = 2600;

    private function __construct()
    {
    }

    /** Load of a week at full length, before what was learned of the dog. */
    public static function perWeek(CoatType $coat, CoatStage $stage, Upkeep $upkeep): float
    {
        return $coat->mattingPerWeek() * $stage->mattingFactor() * $upkeep->mattingFactor();
    }

    /** Share of it at the length half way between two visits. */
    public static function share(float $finishedMm, float $mmPerWeek, float $weeks): float
    {
        return min(1.0, max(self::LEAST, ($finishedMm + ($mmPerWeek * $weeks) / 2) / self::FULL_MM));
    }

    /**
     * The first week, in tenths, at which the load reaches the limit; null: never.
     *
     * @param \Closure(float): float $load after so many weeks
     */
    public static function firstWeekAt(float $limit, \Closure $load): ?float
    {
        for ($tenths = 1; $tenths <= self::LONGEST_TENTHS; ++$tenths) {
            if ($load($tenths / 10) >= $limit - 1e-9) {
                return $tenths / 10;
            }
        }

        return null;
    }
}
