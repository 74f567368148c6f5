<?php

/**
 * What a tool of each kind asks for: a guard is only disinfected, a blade is oiled, felt and ground, shears show it by
 * their edge.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Wear;

use KeenThistle\Core\Say\Say;

final class CareTable
{
    /** kind of tool => kinds of event that are written down for it */
    private const CARE = [
        'blade' => ['run', 'oiled', 'disinfected', 'sharpened', 'packed_hair', 'edge_dull', 'edge_good', 'heat'],
        'guard' => ['run', 'disinfected'],
        'trimmer' => ['run', 'oiled', 'disinfected', 'sharpened', 'packed_hair', 'heat'],
        'clipper' => ['run', 'oiled', 'disinfected', 'heat'],
        'shears' => ['run', 'oiled', 'disinfected', 'sharpened', 'edge_dull', 'edge_good'],
        'thinning_shears' => ['run', 'oiled', 'disinfected', 'sharpened', 'edge_dull', 'edge_good'],
        'knife' => ['run', 'disinfected', 'sharpened'],
        'rake' => ['run', 'disinfected'],
    ];

    private function __construct()
    {
    }

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_keys(self::CARE);
    }

    /** @return list<string> */
    public static function of(string $kind): array
    {
        return self::CARE[$kind] ?? ['disinfected'];
    }

    /** What is told beside it; null: nothing of its own. */
    public static function advice(string $kind): ?string
    {
        return match ($kind) {
            'shears', 'thinning_shears' => Say::it('wear.edge_test'),
            'rake' => Say::it('wear.mask'),
            default => null,
        };
    }

    public static function has(string $kind, string $event): bool
    {
        return \in_array($event, self::of($kind), true);
    }
}
