<?php

/** Whoever works alone in a van is heard of by what they tap: when that stays out too long, the salon calls. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

use KeenThistle\Core\Say\Say;

final class CheckInRule
{
    /** Past the last sign, and past when the dog was to be done: a valley without a signal is no alarm. */
    public const MINUTES = 30;

    private function __construct()
    {
    }

    /** @param \DateTimeImmutable $due when the dog at the table was to be done */
    public static function isMissed(
        \DateTimeImmutable $heard,
        \DateTimeImmutable $due,
        \DateTimeImmutable $now,
    ): bool {
        return $now > max($heard, $due)->modify('+'.self::MINUTES.' minutes');
    }

    /** @param string $since by the wall, such as 14:05 */
    public static function words(string $who, string $dog, string $since): string
    {
        return Say::it('round.not_heard_of', $who, $since, $dog);
    }
}
