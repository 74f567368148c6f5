<?php

/** Where an edge between neighbours is normal: the fold of an ear, sanitary work, eye and lips, pads, stop. */

declare(strict_types=1);

namespace KeenThistle\Core\Blend;

use KeenThistle\Core\Zone\Zone;

final class Lines
{
    private function __construct()
    {
    }

    public static function between(?Zone $one, ?Zone $other): bool
    {
        if (null === $one || null === $other) {
            return false;
        }

        return self::isEdged($one) || self::isEdged($other) || self::isPair($one, $other) || self::isPair($other, $one);
    }

    /** Zones that end in an edge whatever they meet. */
    private static function isEdged(Zone $zone): bool
    {
        return 'sanitary' === $zone->group || 'lips' === $zone->id || str_starts_with($zone->id, 'inner_eye_');
    }

    private static function isPair(Zone $a, Zone $b): bool
    {
        $begin = static fn (Zone $z, string ...$with): bool => [] !==
            array_filter($with, static fn (string $w): bool => str_starts_with($z->id, $w));

        return ($begin($a, 'ear_outer_', 'ear_inner_') && $begin($b, 'ear_feather_'))
            || ($begin($a, 'pads_', 'between_toes_') && $begin($b, 'toe_outline_'))
            || ('stop' === $a->id && 'fringe' === $b->id);
    }
}
