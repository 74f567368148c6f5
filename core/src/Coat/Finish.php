<?php

/** How sharp the groom should stay until the next one. */

declare(strict_types=1);

namespace KeenThistle\Core\Coat;

use KeenThistle\Core\Measure\Length;

enum Finish: string
{
    case Crisp = 'crisp';
    case Neat = 'neat';
    case Relaxed = 'relaxed';

    public function ratio(): float
    {
        return match ($this) {
            self::Crisp => 1.4,
            self::Neat => 1.75,
            self::Relaxed => 2.2,
        };
    }

    public function limitMm(): float
    {
        return match ($this) {
            self::Crisp => 12.0,
            self::Neat => 25.0,
            self::Relaxed => 35.0,
        };
    }

    /** The length in mm at which a zone finished at this length has lost its shape. */
    public function dueMm(Length $finished): float
    {
        return max($finished->mm() * $this->ratio(), $this->limitMm());
    }
}
