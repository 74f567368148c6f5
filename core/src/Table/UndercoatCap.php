<?php

/** How long the undercoat is worked, by season and the salon's school. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

use KeenThistle\Core\Coat\Season;

final class UndercoatCap
{
    public const MINUTES = 10;

    private function __construct()
    {
    }

    /**
     * Seconds for the visit; null: no cap, the coat is being let go.
     *
     * @param string $school "capped" or "all", as the table of schools has it
     */
    public static function seconds(Season $hemisphere, int $month, string $school): ?int
    {
        return $hemisphere->isShedding($month) || 'all' === $school ? null : 60 * self::MINUTES;
    }
}
