<?php

/** A jacket that is stripped in instalments: when the next one is due, read from where it was stripped, and when. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

final class StripMap
{
    public const WEEKS = 10.0;
    private const DAY = 86400;

    private function __construct()
    {
    }

    /**
     * Each place is due ten weeks after it was stripped; one that is planned and was left out, as soon as the dog may
     * come again.
     *
     * @param array<string, \DateTimeImmutable|null> $map zones that are to be stripped, with the day; null: not yet
     *
     * @return float|null weeks from the last time anything was stripped; null where all of it was, or nothing ever
     */
    public static function next(array $map): ?float
    {
        $days = array_filter($map, static fn (?\DateTimeImmutable $d): bool => null !== $d);
        if ([] === $days) {
            return null;
        }
        if (\count($days) < \count($map)) {
            return (float) Recommended::SOONEST;
        }
        $behind = (max($days)->getTimestamp() - min($days)->getTimestamp()) / self::DAY / 7;

        return $behind < 0.5 ? null : max((float) Recommended::SOONEST, self::WEEKS - $behind);
    }
}
