<?php

/** How a tail may be moved while the rear is worked: never further than the dog carries it itself. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

final class Tail
{
    private function __construct()
    {
    }

    /** @param string $carriage up, level or down */
    public static function rule(string $carriage): string
    {
        return match ($carriage) {
            'up' => 'Tail: lift it only as far as the dog carries it itself, hand at the root, never by the tip.',
            'level' => 'Carries its tail level: not above the back; hold it aside, hand at the root.',
            default => 'Carries its tail low: do not lift it above that; hold it aside, hand at the root.',
        };
    }
}
