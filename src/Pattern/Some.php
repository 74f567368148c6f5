<?php

/** How many cards are changed in one transaction. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

final class Some
{
    private const AT_ONCE = 50;

    private function __construct()
    {
    }

    /**
     * @param list<string> $dogs
     *
     * @return array{list<string>, list<string>} those that come next, and the rest
     */
    public static function of(array $dogs): array
    {
        return [\array_slice($dogs, 0, self::AT_ONCE), \array_slice($dogs, self::AT_ONCE)];
    }
}
