<?php

/** When the fringe reaches the eye: from what it was left at, how fast it grows, and how far the eye is. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Measure\Surface;

final class FringeReach
{
    /** From the root of the fringe to the eye on a middling dog, mm; a starting point for the salon's own measure. */
    private const REACH_MM = 30.0;
    private const MIDDLING_M2 = 0.47;
    private const LONGEST = 104;

    private function __construct()
    {
    }

    /** Weeks from the groom; null where there is no fringe to speak of, or it never reaches. */
    public static function weeks(Facts $facts): ?float
    {
        foreach ($facts->zones as $z) {
            if ('fringe' === $z->zone->id && null !== $z->finished && $facts->growsIntoTheEyes()) {
                $size = null === $facts->kg ? 1.0 : sqrt(Surface::m2($facts->kg) / self::MIDDLING_M2);
                $missing = self::REACH_MM * min(1.6, max(0.7, $size)) - $z->finished->mm();
                $speed = $facts->speed(4.0);
                if ($missing <= 0) {
                    return 0.0;
                }

                return $speed <= 0 || $missing / $speed > self::LONGEST ? null : $missing / $speed;
            }
        }

        return null;
    }
}
