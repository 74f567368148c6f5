<?php

/** Which of the copies of every night are kept: those of seven days, and the newest of each of four weeks before. */

declare(strict_types=1);

namespace KeenThistle\Upkeep;

final class KeepRule
{
    private const DAYS = 7;
    private const WEEKS = 4;

    private function __construct()
    {
    }

    /**
     * @param list<string> $days of the copies, as Y-m-d
     *
     * @return list<string> those that may go
     */
    public static function out(array $days, \DateTimeImmutable $today): array
    {
        rsort($days);
        $recent = $today->modify('-'.(self::DAYS - 1).' days')->format('Y-m-d');
        $weeks = [];
        $out = [];
        foreach ($days as $day) {
            $week = (new \DateTimeImmutable($day))->format('o-W');
            if ($day < $recent && (isset($weeks[$week]) || \count($weeks) >= self::WEEKS)) {
                $out[] = $day;
                continue;
            }
            if ($day < $recent) {
                $weeks[$week] = true;
            }
        }

        return $out;
    }
}
