<?php

/** Bands, tubes and bows from the neck: loose enough for two fingers, and never left on alone. */

declare(strict_types=1);

namespace KeenThistle\Core\Neckwear;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

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
                new Caution('breakaway', 'Only with a fastening that gives way when it is pulled.', Caution::DANGER),
                new Caution(
                    'never_alone',
                    'Never left on a dog that is alone, with another dog, or in a crate; taken off when it gets wet.',
                ),
            ]),
            'reasons' => Reason::listToArray([
                new Reason('neck', $neck, 'mm', 'measured close'),
                new Reason('two_fingers', self::TWO_FINGERS, 'mm', 'so that two fingers pass under it'),
                new Reason('seams', 2 * $seam, 'mm', 'both ends of a tube that is turned'),
            ]),
        ];
    }
}
