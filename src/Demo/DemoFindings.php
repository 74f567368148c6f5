<?php

/** What the demo's arrivals found: combs, checks and handling, as a table. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Visit\Visit;

final class DemoFindings
{
    /** Dog => combs, the last for its newest visit; zone => [severity, spread, comb passes]. */
    public const COMBS = [
        'Hobnob' => [
            [
                'back' => [4, 0.9, false],
                'ribs_*' => [4, 0.8, false],
                'chest' => [4, 0.7, false],
                'thigh_*' => [4, 0.6, false],
                'armpit_*' => [4, 1.0, false],
                'ear_feather_*' => [4, 1.0, false],
                'belly' => [3, 0.8, false],
                'inner_thigh_*' => [4, 1.0, false],
                'tail_flag' => [4, 0.9, false],
            ],
            [
                'armpit_*' => [3, 0.6, true],
                'chest' => [2, 0.5, true],
                'thigh_*' => [2, 0.4, true],
                'ear_feather_*' => [3, 0.5, true],
                'inner_thigh_*' => [3, 0.5, false],
                'tail_flag' => [2, 0.4, true],
            ],
            [
                'armpit_*' => [3, 0.4, true],
                'chest' => [1, 0.5, true],
                'ear_feather_*' => [2, 0.5, true],
                'inner_thigh_*' => [2, 0.4, true],
            ],
            ['armpit_*' => [2, 0.3, true], 'ear_feather_*' => [1, 0.5, true], 'inner_thigh_*' => [1, 0.5, true]],
        ],
        'Marl' => [
            [
                'breeches_*' => [3, 0.5, true],
                'tail_flag' => [2, 0.5, true],
                'armpit_*' => [2, 0.3, true],
                'chest' => [1, 0.4, true],
            ],
        ],
        'Perrin' => [
            [
                'armpit_*' => [3, 0.6, false],
                'chest' => [2, 0.6, true],
                'ear_feather_*' => [2, 0.7, true],
                'thigh_*' => [2, 0.5, true],
            ],
        ],
    ];
    /** Today, still open. */
    public const TODAY = [
        'Perrin' => [
            'armpit_*' => [3, 0.7, false],
            'chest' => [2, 0.8, true],
            'ear_feather_*' => [2, 0.8, true],
            'thigh_*' => [3, 0.5, true],
            'ribs_left' => [2, 0.4, true],
            'tail_flag' => [1, 0.6, true],
        ],
        'Tatter' => [
            'back' => [3, 0.95, true],
            'loin' => [3, 0.95, true],
            'rump' => [4, 0.9, false],
            'ribs_*' => [3, 0.95, true],
            'shoulder_*' => [3, 0.95, true],
            'thigh_*' => [3, 0.9, true],
            'chest' => [4, 0.8, false],
            'nape' => [3, 0.9, true],
            'armpit_*' => [4, 1.0, false],
            'ear_feather_*' => [4, 0.8, false],
        ],
    ];
    public const CHECKS = [
        'Hobnob' => [
            'kg' => 8.1,
            'skin' => ['red'],
            'ears' => ['left' => ['wax'], 'right' => ['wax']],
            'bath_days' => 30,
            'vaccination' => 'seen',
        ],
        'Gantry' => [
            'kg' => 12.6,
            'airway' => 'noisy',
            'skin' => ['red'],
            'eye_stain' => ['left' => 2, 'right' => 1],
            'vaccination' => 'seen',
        ],
        'Marl' => [
            'kg' => 28.5,
            'lameness' => 'stiff',
            'pads' => ['front_left' => 3, 'front_right' => 3, 'hind_left' => 2, 'hind_right' => 2],
            'vaccination' => 'seen',
        ],
    ];
    /** dog, tool, tolerance, trigger, cause, works, owner says, steps of the ladder [weeks ago, rung, calm] */
    public const HANDLING = [
        [
            'Perrin',
            Tool::Dryer,
            1,
            'the roar, from any distance',
            'noise',
            'cool_dryer',
            'Fine with the hair dryer at home.',
            [[15, Rung::OnFar, false], [10, Rung::HeldNear, true], [5, Rung::OnFar, true]],
        ],
        [
            'Perrin',
            Tool::Clipper,
            2,
            'behind the ears',
            'new_motor',
            'rest_breaks',
            '',
            [[10, Rung::OnNearing, true], [5, Rung::FirstStrokes, false]],
        ],
        [
            'Hobnob',
            Tool::Clipper,
            3,
            'armpits',
            'past_pain',
            'quiet_voice',
            'Was found in a yard; nobody knows.',
            [[15, Rung::OnNearing, true], [10, Rung::FirstStrokes, true], [5, Rung::Normal, true]],
        ],
        [
            'Marl',
            Tool::NailClippers,
            2,
            'hind feet',
            'medical',
            'from_behind',
            'Sleeps on his left side.',
            [[16, Rung::Normal, true]],
        ],
        [
            'Whist',
            Tool::Dryer,
            1,
            'air in her face',
            'noise',
            'cool_dryer',
            'Sleeps through the hair dryer at home.',
            [[12, Rung::OnFar, false], [6, Rung::OnFar, true]],
        ],
        ['Cobnut', Tool::Grinder, 1, 'the sound', 'noise', 'feeding', '', [[9, Rung::OnFar, false]]],
        [
            'Gantry',
            Tool::Bath,
            3,
            'water near the face',
            'touched_there',
            'owner_out_of_view',
            'Loves the garden hose.',
            [[6, Rung::Normal, true]],
        ],
    ];

    private function __construct()
    {
    }
}
