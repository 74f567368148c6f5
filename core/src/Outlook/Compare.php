<?php

/**
 * Two moments of one dog held against each other: what is another, zone by zone, the largest difference of length
 * first.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Outlook;

use KeenThistle\Core\Zone\Zone;

final class Compare
{
    /** Under that many mm nobody sees it, and no rule counts it. */
    private const SEEN = 0.5;
    /** A minute more or less is no difference. */
    private const MINUTES = 1.0;

    private function __construct()
    {
    }

    /**
     * @param array<string, ZoneThen> $then by zone
     * @param array<string, ZoneThen> $now by zone
     *
     * @return list<array{zone: string, label: string, mm: float|null, changes: list<array{of: string, was: string,
     *     is: string}>, why: string}>
     */
    public static function zones(array $then, array $now): array
    {
        $out = [];
        foreach (array_unique([...array_keys($then), ...array_keys($now)]) as $id) {
            $a = $then[$id] ?? new ZoneThen(null);
            $b = $now[$id] ?? new ZoneThen(null);
            $mm = null === $a->length || null === $b->length ? null : $b->length->minusRounded($a->length);
            $changes = self::changes($a, $b, $mm);
            if ([] !== $changes) {
                $out[] = [
                    'zone' => $id,
                    'label' => Zone::of($id)->label,
                    'mm' => $mm,
                    'changes' => $changes,
                    'why' => implode(
                        ' · ',
                        array_filter(
                            [$a->why, $b->why === $a->why ? '' : $b->why],
                            static fn (string $w): bool => '' !== $w,
                        ),
                    ),
                ];
            }
        }
        usort(
            $out,
            static fn (array $x, array $y): int => [abs($y['mm'] ?? 0.0), \count($y['changes'])] <=> [
                abs($x['mm'] ?? 0.0),
                \count($x['changes']),
            ],
        );

        return $out;
    }

    /** @return list<array{of: string, was: string, is: string}> */
    private static function changes(ZoneThen $a, ZoneThen $b, ?float $mm): array
    {
        $pairs = [
            'tool' => [$a->tool, $b->tool],
            'length' => null !== $mm && abs($mm) < self::SEEN ? ['', ''] : [self::length($a), self::length($b)],
            'lay' => [$a->lay->value ?? '', $b->lay->value ?? ''],
            'shape' => [$a->shape, $b->shape],
            'stop line' => [str_replace('_', ' ', $a->stop), str_replace('_', ' ', $b->stop)],
            'reason' => [str_replace('_', ' ', $a->reason), str_replace('_', ' ', $b->reason)],
            'state' => [str_replace('_', ' ', $a->state), str_replace('_', ' ', $b->state)],
            'minutes' => null === $a->minutes || null === $b->minutes || abs($a->minutes - $b->minutes) < self::MINUTES
                    ? ['', '']
                    : [(string) round($a->minutes, 1), (string) round($b->minutes, 1)],
            'who' => '' === $a->who || '' === $b->who ? ['', ''] : [$a->who, $b->who],
        ];
        if (\in_array(ZoneThen::CARRIED, [$a->state, $b->state], true)) {
            // What only grew has no tool to compare.
            $pairs = ['length' => $pairs['length']];
        }
        $out = [];
        foreach ($pairs as $of => [$was, $is]) {
            if ($was !== $is) {
                $out[] = ['of' => $of, 'was' => '' === $was ? 'none' : $was, 'is' => '' === $is ? 'none' : $is];
            }
        }

        return $out;
    }

    private static function length(ZoneThen $z): string
    {
        return null === $z->length ? '' : $z->length->rounded().' mm';
    }
}
