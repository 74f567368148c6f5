<?php

/** The published table of base minutes: some the same for every dog, the rest by square metre of body and by coat. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Coat\CoatType;

/**
 * Chosen so that a calm 10 kg curly dog, 16 mm all over, no mats, comes to 110 minutes and a smooth 20 kg dog's bath
 * and
 * nails to 45; between them each coat keeps the proportions groomers expect (a long double coat dries for as long as
 * a curly
 * one but is hardly cut). A salon replaces them by what its own visits teach.
 */
final class BaseMinutes
{
    /** Minutes whatever the size. */
    private const FIXED = [
        'settle' => 3.0,
        'check' => 5.0,
        'close_work' => 8.0,
        'nails_pads_ears' => 10.0,
        'finish' => 6.0,
        'notes' => 3.0,
    ];

    /** Minutes per m²: bath, dry, comb-out, clipping, scissoring the outline. */
    private const BY_COAT = [
        'smooth' => [14, 10, 8, 0, 0],
        'short_double' => [20, 30, 30, 0, 8],
        'long_double' => [25, 45, 45, 0, 15],
        'wire' => [18, 22, 20, 25, 25],
        'curly' => [25, 45, 25, 30, 35],
        'wavy_single' => [25, 42, 25, 30, 33],
        'silky_drop' => [25, 38, 30, 25, 30],
        'feathered' => [22, 32, 25, 18, 28],
        'slow_fine_long' => [22, 35, 35, 0, 15],
        'corded' => [40, 90, 0, 0, 20],
        'hairless' => [12, 4, 0, 0, 0],
    ];

    /** Minutes per m² of a body that is scissored, or stripped, all over; they come on top of the outline. */
    private const SCISSORED = 90.0;
    private const STRIPPED = 180.0;

    private function __construct()
    {
    }

    /**
     * @param float $clipped share of the body that is clipped, 0 to 1
     * @param float $scissored share that is scissored or thinned
     * @param float $stripped share that is hand-stripped
     */
    public static function of(
        Phase $phase,
        CoatType $coat,
        float $m2,
        float $clipped,
        float $scissored,
        float $stripped,
    ): float {
        [$bath, $dry, $comb, $clip, $outline] = self::BY_COAT[$coat->value];

        return self::FIXED[$phase->value] ??
            match ($phase) {
                Phase::Bath => $bath * $m2,
                Phase::Dry => $dry * $m2,
                Phase::CombOut => $comb * $m2,
                Phase::Clip => max($clip, 0.0 < $clipped ? 15.0 : 0.0) * $m2 * $clipped,
                Phase::Scissor => ($outline + self::SCISSORED * $scissored + self::STRIPPED * $stripped) * $m2,
                default => 0.0,
            };
    }
}
