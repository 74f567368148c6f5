<?php

/** What a manager is told of the house that runs the salon's book, in words; nothing where all is well. */

declare(strict_types=1);

namespace KeenThistle\Upkeep;

final class UpkeepRule
{
    /** A worker tells of itself every minute. */
    private const WORKER_S = 300;
    private const COPY_DAYS = 2;
    private const LEAST_BYTES = 1_000_000_000;
    private const LEAST_SHARE = 0.1;

    private function __construct()
    {
    }

    /**
     * @param \DateTimeImmutable|null $worker when it was seen last
     * @param \DateTimeImmutable|null $copy when the last copy of everything was written
     * @param bool $isDemo nobody loses anything with it
     *
     * @return list<string>
     */
    public static function warnings(
        \DateTimeImmutable $now,
        ?\DateTimeImmutable $worker,
        ?\DateTimeImmutable $copy,
        float $free,
        float $of,
        bool $isDemo,
    ): array {
        $out = [];
        $away = null === $worker ? null : $now->getTimestamp() - $worker->getTimestamp();
        if (null === $away || $away > self::WORKER_S) {
            $out[] =
                (null === $away
                    ? 'The worker has not run yet.'
                    : \sprintf('The worker has not been seen for %s.', self::long($away))).
                ' Messages and longer work wait until it runs again: start Keen Thistle anew.';
        }
        if (!$isDemo) {
            $days = null === $copy ? null : intdiv($now->getTimestamp() - $copy->getTimestamp(), 86400);
            if (null === $days) {
                $out[] = 'No copy of the book has been made yet: one is made every night, or by bin/backup FILE.';
            } elseif ($days >= self::COPY_DAYS) {
                $out[] = "The last copy of the book is $days days old: see the log, and make one by bin/backup FILE.";
            }
        }
        if ($free < self::LEAST_BYTES || ($of > 0 && $free / $of < self::LEAST_SHARE)) {
            $out[] = \sprintf(
                'The disk is nearly full: %.1f GB of %.1f GB are left. Photos and new entries need room.',
                $free / 1e9,
                $of / 1e9,
            );
        }

        return $out;
    }

    private static function long(int $seconds): string
    {
        return match (true) {
            $seconds < 7200 => intdiv($seconds, 60).' minutes',
            $seconds < 172_800 => intdiv($seconds, 3600).' hours',
            default => intdiv($seconds, 86400).' days',
        };
    }
}
