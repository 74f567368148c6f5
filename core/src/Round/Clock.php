<?php

/** Times of one day as minutes since its midnight. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

final class Clock
{
    private function __construct()
    {
    }

    /** 25:10 is ten past one of the day after. */
    public static function time(int $minutes): string
    {
        return \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    /** @param string $time "09:30" */
    public static function minutes(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
    }
}
