<?php

/** Visits that are meant against the clocks: how long each runs, and where it runs past its limit. */

declare(strict_types=1);

namespace KeenThistle\Core\Year;

/**
 * @phpstan-type Run array{clock: string, from: int, to: int, days: int, limit: int, over: int,
 *     open: bool}
 */
final readonly class YearCheck
{
    /** What each kind of visit sets back. */
    public const RESETS = [
        'full' => ['full', 'bath', 'hygiene', 'nails'],
        'bath' => ['bath', 'hygiene', 'nails'],
        'tidy' => ['hygiene', 'nails'],
        'nails' => ['nails'],
    ];
    private const WEEK = 7;

    /**
     * @param array<string, int> $limits whole weeks by clock
     * @param array<string, int> $since days that each has run on day 0
     * @param list<array{day: int, kind: string}> $visits day: from day 0 on
     * @param int $days how far it is looked
     *
     * @return list<Run> by clock, in their order; from: may lie before day 0; over: days past the limit, 0 where it
     *     is kept; open: no visit ends it
     */
    public function runs(array $limits, array $since, array $visits, int $days): array
    {
        usort($visits, static fn (array $a, array $b): int => $a['day'] <=> $b['day']);
        $out = [];
        foreach ($limits as $clock => $weeks) {
            $from = -($since[$clock] ?? 0);
            $resets = array_filter(
                $visits,
                static fn (array $v): bool => \in_array($clock, self::RESETS[$v['kind']] ?? [], true),
            );
            foreach ([...array_column($resets, 'day'), null] as $reset) {
                $to = $reset ?? $days;
                if ($to === $from) {
                    continue;
                }
                $ran = $to - $from;
                $over = max(0, $ran - $weeks * self::WEEK);
                $out[] = [
                    'clock' => $clock,
                    'from' => $from,
                    'to' => $to,
                    'days' => $ran,
                    'limit' => $weeks,
                    'over' => $over,
                    'open' => null === $reset,
                ];
                $from = $to;
            }
        }

        return $out;
    }
}
