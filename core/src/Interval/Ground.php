<?php

/** What a dog walks on; it decides how fast nails wear. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

enum Ground: string
{
    case Hard = 'hard';
    case Mixed = 'mixed';
    case Soft = 'soft';

    public function nailWeeks(): float
    {
        return match ($this) {
            self::Hard => 7.0,
            self::Mixed => 5.0,
            self::Soft => 4.0,
        };
    }
}
