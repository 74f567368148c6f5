<?php

/** The styles of face, ears, paws, sanitary clip and tail that a salon starts with; it adds its own. */

declare(strict_types=1);

namespace KeenThistle\Core\Style;

final class StyleTable
{
    public const KINDS = [
        'face' => 'head',
        'ears' => 'head',
        'paws' => 'feet',
        'sanitary' => 'sanitary',
        'tail' => 'tail',
    ];
    /** kind => drawing => [name, what it is for] */
    private const ROWS = [
        'face' => [
            'fringe_kept' => ['fringe kept, sides cleared', 'the lashes hold hair off the eye'],
            'fringe_sections' => ['fringe shortened in sections', 'at an angle toward the eye corner'],
            'half_circle' => ['half-circle brow', 'both eyes are seen'],
            'straight_brow' => ['straight brow', 'a stern, level look'],
            'clean_face' => ['clean-clipped face', 'dry and easy to wipe'],
            'round_head' => ['round head, soft muzzle', 'no corners from in front'],
            'beard' => ['beard kept', 'wiped daily'],
            'inner_corners' => ['inner corners only', 'eyes free, the rest left'],
        ],
        'ears' => [
            'to_the_fold' => ['leather clipped to the fold, feather left', 'light above, movement below'],
            'straight_edge' => ['straight lower edge', 'does not lengthen a long ear'],
            'v_edge' => ['V edge', 'draws the eye down'],
            'bell' => ['bell', 'full below, round'],
            'thinned' => ['thinned underneath', 'air to the canal, look kept'],
            'edge_only' => ['edge only', 'outline tidied'],
        ],
        'paws' => [
            'skimmed' => ['pads skimmed', 'ends only'],
            'level' => ['pads level', 'hair even with the pads'],
            'flush' => ['pads flush', 'bare: grips on smooth floors'],
            'round_foot' => ['round foot', 'seen on the floor, not in the hand'],
            'clean_foot' => ['clean foot', 'toes seen'],
            'natural_foot' => ['natural foot', 'only what trails'],
        ],
        'sanitary' => [
            'ring' => ['ring', 'the least that stays clean'],
            'ring_strip' => ['ring + strip', 'and the channel below it'],
            'ring_strip_arc' => ['ring + strip + root arc', 'and the root of the tail'],
            'breeches_short' => ['breeches shortened', 'nothing long to soil'],
            'belly_short' => ['belly patch short', 'hidden from the side'],
            'ends_only' => ['ends only', 'only what drips'],
            'tuft_kept' => ['tuft kept', 'it guides the stream'],
            'tuft_cleared' => ['tuft cleared', 'where it stays wet'],
        ],
        'tail' => [
            'flag_arc' => ['flag in an arc from the root', 'longest in the middle'],
            'carrot' => ['carrot', 'thick at the root, to a point'],
            'plume_cleared' => ['plume, root cleared', 'clean below, full above'],
            'bob_rounded' => ['bob rounded', 'a ball on the rump'],
            'pompon' => ['pompon', 'bare stem, round end'],
            'tail_left' => ['left', 'combed, not cut'],
        ],
    ];

    private function __construct()
    {
    }

    /** @return list<array{kind: string, drawing: string, name: string, why: string}> */
    public static function all(): array
    {
        $out = [];
        foreach (self::ROWS as $kind => $rows) {
            foreach ($rows as $drawing => [$name, $why]) {
                $out[] = ['kind' => $kind, 'drawing' => $drawing, 'name' => $name, 'why' => $why];
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
