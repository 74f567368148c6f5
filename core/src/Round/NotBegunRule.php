<?php

/** A round of today is reckoned from the morning until something is begun, or somebody says how late it is. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

final class NotBegunRule
{
    private function __construct()
    {
    }

    /**
     * All in minutes from midnight.
     *
     * @param string $home the first that is called at
     * @param int $told when it was told
     * @param int $until when its window ends
     * @param int $now where nothing is begun
     * @param int $ends of the van's day
     *
     * @return Caution|null null: there is time yet, or the day is over
     */
    public static function caution(string $home, int $told, int $until, int $now, int $ends): ?Caution
    {
        return $now > $until && $now < $ends
            ? new Caution('not_begun', Say::it('round.not_begun', $home, Clock::time($told)))
            : null;
    }
}
