<?php

/** Parts that a dog has not, an ear that was lost, a leg that was taken off: nothing there is planned or done. */

declare(strict_types=1);

namespace KeenThistle\Core\Zone;

final class Absent
{
    public const PARTS = [
        'left_ear',
        'right_ear',
        'left_foreleg',
        'right_foreleg',
        'left_hind_leg',
        'right_hind_leg',
    ];
    /** Of one side; what is left of a leg keeps shoulder and armpit, or thigh and breeches. */
    private const ZONES = [
        'ear' => ['ear_outer_*', 'ear_inner_*', 'ear_feather_*'],
        'foreleg' => [
            'foreleg_*',
            'front_feather_*',
            'elbow_*',
            'pads_front_*',
            'between_toes_front_*',
            'toe_outline_front_*',
        ],
        'hind_leg' => ['hock_*', 'pads_hind_*', 'between_toes_hind_*', 'toe_outline_hind_*'],
    ];

    private function __construct()
    {
    }

    /**
     * @param list<string> $parts of PARTS
     *
     * @return list<string> ids of zones
     */
    public static function zones(array $parts): array
    {
        $out = [];
        foreach ($parts as $part) {
            [$side, $what] = explode('_', $part, 2);
            foreach (self::ZONES[$what] as $zone) {
                $out[] = str_replace('*', $side, $zone);
            }
        }

        return $out;
    }
}
