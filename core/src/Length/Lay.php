<?php

/** Which way a blade runs through the coat. */

declare(strict_types=1);

namespace KeenThistle\Core\Length;

enum Lay: string
{
    case With = 'with';
    case Across = 'across';
    case Against = 'against';

    /** What is left of the with-the-lay length: a guard holds the hair up, so it loses less against the lay. */
    public function factor(bool $guarded): float
    {
        return match ($this) {
            self::With => 1.0,
            self::Across => 0.8,
            self::Against => $guarded ? 0.75 : 0.5,
        };
    }
}
