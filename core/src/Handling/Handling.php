<?php

/** What a dog will stand for, as far as limits and minutes depend on it. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

enum Handling: string
{
    case Calm = 'calm';
    case Fidgety = 'fidgety';
    case Painful = 'painful';
    case Frightened = 'frightened';
    case TwoPerson = 'two_person';

    /** Share of the dematting limits this dog can be asked to bear. */
    public function toleranceFactor(): float
    {
        return match ($this) {
            self::Calm => 1.0,
            self::Fidgety, self::TwoPerson => 0.6,
            self::Painful, self::Frightened => 0.3,
        };
    }
}
