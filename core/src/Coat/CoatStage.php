<?php

/** The stage a coat is in; it changes how fast hair grows and knots. */

declare(strict_types=1);

namespace KeenThistle\Core\Coat;

enum CoatStage: string
{
    case Puppy = 'puppy';
    case Changing = 'changing';
    case Adult = 'adult';
    case Senior = 'senior';

    public function growthFactor(): float
    {
        return match ($this) {
            self::Puppy => 1.1,
            self::Senior => 0.85,
            self::Changing, self::Adult => 1.0,
        };
    }

    public function mattingFactor(): float
    {
        return match ($this) {
            self::Puppy => 1.1,
            self::Changing => 1.6,
            self::Adult, self::Senior => 1.0,
        };
    }
}
