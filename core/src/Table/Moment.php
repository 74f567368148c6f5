<?php

/** Seconds between two moments. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

final class Moment
{
    private function __construct()
    {
    }

    /** Never below 0: a device's clock may run ahead. */
    public static function between(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return max(0.0, (float) $to->format('U.u') - (float) $from->format('U.u'));
    }
}
