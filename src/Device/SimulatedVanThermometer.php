<?php

/** Stands in for a probe in the van: it warms towards the afternoon, more in summer. Same moment, same answer. */

declare(strict_types=1);

namespace KeenThistle\Device;

final readonly class SimulatedVanThermometer implements VanThermometer
{
    private const MEAN = 19.0;
    private const OF_THE_DAY = 6.0;
    private const OF_THE_YEAR = 5.0;
    private const WARMEST_HOUR = 15.0;
    private const WARMEST_DAY = 200.0;

    public function read(string $van, \DateTimeImmutable $at): ?float
    {
        if ('' === $van) {
            return null;
        }
        $hour = (int) $at->format('G') + (int) $at->format('i') / 60;
        $day = (int) $at->format('z');

        return round(
            self::MEAN
                + self::OF_THE_DAY * cos(2 * \M_PI * ($hour - self::WARMEST_HOUR) / 24)
                + self::OF_THE_YEAR * cos(2 * \M_PI * ($day - self::WARMEST_DAY) / 365),
            1,
        );
    }
}
