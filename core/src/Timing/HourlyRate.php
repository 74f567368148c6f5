<?php

/** An hourly rate as people say it, and as minutes are charged. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

final class HourlyRate
{
    private const MINUTES = 60;
    private const MINOR = 100;

    private function __construct()
    {
    }

    /** Minor units a minute, of an hour in whole units of the currency. */
    public static function perMinute(float $hour): float
    {
        return ($hour * self::MINOR) / self::MINUTES;
    }

    /** Whole units of the currency an hour, to the cent. */
    public static function ofHour(float $minorPerMinute): float
    {
        return round(($minorPerMinute * self::MINUTES) / self::MINOR, 2);
    }
}
