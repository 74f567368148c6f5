<?php

/** How a tail may be moved while the rear is worked: never further than the dog carries it itself. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Say\Say;

final class Tail
{
    private function __construct()
    {
    }

    /** @param string $carriage up, level or down */
    public static function rule(string $carriage): string
    {
        return match ($carriage) {
            'up' => Say::it('handling.tail_lift_it_only_as_far'),
            'level' => Say::it('handling.carries_its_tail_level_not_above'),
            default => Say::it('handling.carries_its_tail_low_do_not'),
        };
    }
}
