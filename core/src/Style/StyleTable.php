<?php

/** The styles of face, ears, paws, sanitary clip and tail that a salon starts with; it adds its own. */

declare(strict_types=1);

namespace KeenThistle\Core\Style;

use KeenThistle\Core\Say\Say;

final class StyleTable
{
    public const KINDS = [
        'face' => 'head',
        'ears' => 'head',
        'paws' => 'feet',
        'sanitary' => 'sanitary',
        'tail' => 'tail',
    ];
    /** kind => drawings, each with its name and what it is for among what is said (Say) */
    private const ROWS = [
        'face' => [
            'fringe_kept',
            'fringe_sections',
            'half_circle',
            'straight_brow',
            'clean_face',
            'round_head',
            'beard',
            'inner_corners',
        ],
        'ears' => ['to_the_fold', 'straight_edge', 'v_edge', 'bell', 'thinned', 'edge_only'],
        'paws' => ['skimmed', 'level', 'flush', 'round_foot', 'clean_foot', 'natural_foot'],
        'sanitary' => [
            'ring',
            'ring_strip',
            'ring_strip_arc',
            'breeches_short',
            'belly_short',
            'ends_only',
            'tuft_kept',
            'tuft_cleared',
        ],
        'tail' => ['flag_arc', 'carrot', 'plume_cleared', 'bob_rounded', 'pompon', 'tail_left'],
    ];

    private function __construct()
    {
    }

    /** @return list<array{kind: string, drawing: string, name: string, why: string}> */
    public static function all(): array
    {
        $out = [];
        foreach (self::ROWS as $kind => $rows) {
            foreach ($rows as $drawing) {
                $out[] = [
                    'kind' => $kind,
                    'drawing' => $drawing,
                    'name' => Say::it("style.$kind.$drawing"),
                    'why' => Say::it("style.$kind.$drawing.why"),
                ];
            }
        }

        return $out;
    }

    /** @return list<string> ids of the drawings */
    public static function drawings(): array
    {
        return array_column(self::all(), 'drawing');
    }

    /** @return list<string> names offered for a group of zones */
    public static function names(string $group): array
    {
        return array_values(
            array_column(
                array_filter(self::all(), static fn (array $s): bool => self::KINDS[$s['kind']] === $group),
                'name',
            ),
        );
    }
}
