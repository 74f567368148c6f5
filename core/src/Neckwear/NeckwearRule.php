<?php

/** Bands, tubes and bows from the neck: loose enough for two fingers, and never left on alone. */

declare(strict_types=1);

namespace KeenThistle\Core\Neckwear;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class NeckwearRule
{
    private const TWO_FINGERS = 30.0;
    /** kg up to => [width of a tube, of a band, of a bow] mm. */
    private const WIDTHS = [[5.0, 40, 15, 40], [12.0, 55, 20, 55], [25.0, 70, 25, 70], [\INF, 85, 30, 85]];

    /**
     * @param float $neck mm, measured close
     *
     * @return array<string, mixed>
     */
    public function sizes(float $neck, float $kg, float $seam): array
    {
        $loose = $neck + self::TWO_FINGERS;
        $row =
            array_values(array_filter(self::WIDTHS, static fn (array $w): bool => $kg <= $w[0]))[0] ?? self::WIDTHS[3];

        return [
            'finished_mm' => round($loose, 1),
            'fabric_mm' => round(2 * $loose + 2 * $seam, 1),
            'tube_width_mm' => $row[1],
            'band_width_mm' => $row[2],
            'bow_width_mm' => $row[3],
            'warnings' => Caution::listToArray([
                new Caution('breakaway', Say::it('neckwear.only_with_a_fastening_that_gives'), Caution::DANGER),
                new Caution('never_alone', Say::it('neckwear.never_left_on_a_dog_that')),
            ]),
            'reasons' => Reason::listToArray([
                new Reason('neck', $neck, 'mm', Say::it('neckwear.measured_close')),
                new Reason('two_fingers', self::TWO_FINGERS, 'mm', Say::it('neckwear.so_that_two_fingers_pass_under')),
                new Reason('seams', 2 * $seam, 'mm', Say::it('neckwear.both_ends_of_a_tube_that')),
            ]),
        ];
    }
}
