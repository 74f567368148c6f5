<?php

/** Ears set unequally: the hair below each leather so that the edges look level from the front, or measure equal. */

declare(strict_types=1);

namespace KeenThistle\Core\Balance;

use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class EarLevel
{
    /**
     * @param float $leftHigher mm by which the left ear is set higher than the right; negative: lower
     * @param float $leftLeather mm of leather, root to tip
     * @param float $shortest mm of hair wanted below the leather at least
     * @param bool $measured the school of equal lengths, whatever the set
     *
     * @return array<string, mixed>
     */
    public function below(
        float $leftHigher,
        float $leftLeather,
        float $rightLeather,
        float $shortest,
        bool $measured = false,
    ): array {
        // How far each leather's tip hangs below the root of the right ear.
        $left = Length::ofMillimetres($leftLeather, 'left_leather_mm')->mm() - $leftHigher;
        $right = Length::ofMillimetres($rightLeather, 'right_leather_mm')->mm();
        $apart = $measured ? $rightLeather - $leftLeather : $right - $left;
        $leftHair = $shortest + max(0.0, $apart);
        $rightHair = $shortest + max(0.0, -$apart);

        return [
            'left_hair_mm' => round($leftHair, 1),
            'right_hair_mm' => round($rightHair, 1),
            'measured_difference_mm' => round($leftLeather + $leftHair - ($rightLeather + $rightHair), 1),
            'apparent_difference_mm' => round($left + $leftHair - ($right + $rightHair), 1),
            'untrimmed_difference_mm' => round($left - $right, 1),
            'reasons' => Reason::listToArray([
                new Reason(
                    'set',
                    $leftHigher,
                    'mm',
                    $leftHigher >= 0
                        ? Say::it('balance.the_left_ear_is_set_higher')
                        : Say::it('balance.the_right_ear_is_set_higher'),
                ),
                new Reason(
                    'leathers_apart',
                    round(abs($apart), 1),
                    'mm',
                    $measured
                        ? Say::it('balance.leathers_as_measured')
                        : Say::it('balance.the_tips_of_the_leathers_seen'),
                ),
                new Reason('shortest', $shortest, 'mm', Say::it('balance.hair_below_the_leather_at_least')),
            ]),
        ];
    }
}
