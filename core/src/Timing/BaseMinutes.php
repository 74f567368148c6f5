<?php

/** The published table of base minutes: some the same for every dog, the rest by square metre of body and by coat. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

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
        // Cords hold water for most of a day.
        'corded' => [40, 600, 0, 0, 20],
        'hairless' => [12, 4, 0, 0, 0],
    ];

    /** Clipped although this coat is not usually. */
    private const CLIPPED = 15.0;
    /** Minutes per m² of a body that is scissored all over; they come on top of the outline. */
    private const SCISSORED = 90.0;
    /** Minutes per m² of a body whose whole jacket is stripped, and the share of the body that a jacket is. */
    private const STRIPPED = 206.0;
    private const JACKET = 0.525;
    /** A nails visit has no pads and no ears. */
    private const NAILS_ONLY = 4.0;

    private function __construct()
    {
    }

    /** Minutes of a phase, before what the dog and the day multiply them by. */
    public static function of(Phase $phase, Work $work, float $m2): float
    {
        [$bath, $dry, $comb, $clip, $outline] = self::BY_COAT[$work->coat->value];
        [$clipped, $scissored, $stripped] = $work->shares();

        return match ($phase) {
            Phase::NailsPadsEars => Service::Nails === $work->service ? self::NAILS_ONLY : self::FIXED[$phase->value],
            Phase::Knots => $work->matting,
            Phase::Bath => $bath * $m2,
            Phase::Dry => $dry * $m2 * $work->dryFactor(),
            Phase::CombOut => $work->combsOut ? $comb * $m2 : 0.0,
            Phase::Clip => (null === $work->zones ? $clip : max($clip, $clipped > 0 ? self::CLIPPED : 0.0)) *
                $m2 *
                $clipped,
            Phase::Scissor => ($outline + self::SCISSORED * $scissored) * $m2,
            Phase::Strip => self::STRIPPED * min(1.0, $stripped / self::JACKET) * $m2,
            default => self::FIXED[$phase->value] ?? 0.0,
        };
    }
}
