<?php

/** Where coats knot first: asked about before anything else. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

final class UsualPlaces
{
    public const ORDER = [
        'ear_feather_left',
        'ear_feather_right',
        'ear_inner_left',
        'ear_inner_right',
        'armpit_left',
        'armpit_right',
        'groin',
        'inner_thigh_left',
        'inner_thigh_right',
        'chest',
        'breeches_left',
        'breeches_right',
        'tail_flag',
        'beard',
        'between_toes_front_left',
        'between_toes_front_right',
        'between_toes_hind_left',
        'between_toes_hind_right',
    ];

    private function __construct()
    {
    }
}
