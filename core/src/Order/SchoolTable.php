<?php

/**
 * The points on which good groomers differ, with what each side says for itself. A salon picks one; a card may differ.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Input\Shape;

final class SchoolTable
{
    /** point => [label, [side => [what, why]]]; the first side is the default */
    private const ROWS = [
        'close_work' => [
            'Sanitary and close work',
            [
                'before_bath' => ['before the bath', 'the itch is washed away, less dirt is carried'],
                'after_dry' => ['after drying', 'a clean coat, a cleaner line'],
            ],
        ],
        'undercoat' => [
            'Undercoat',
            [
                'before_bath' => ['before the bath', 'less shampoo, less drying'],
                'after_dry' => ['after or during drying', 'clean hair lets go, the tool glides'],
            ],
        ],
        'undercoat_amount' => [
            'How much undercoat',
            [
                'capped' => ['a time cap, by season', 'going into winter the coat is being kept'],
                'all' => ['as much as comes', 'what is dead comes out anyway'],
            ],
        ],
        'brush_out' => [
            'Brush out before the bath',
            [
                'always' => ['always', 'mats set when wet'],
                'if_staying' => ['unless the coat is coming off', 'no time spent on hair that goes'],
            ],
        ],
        'washing_order' => [
            'Washing',
            [
                'rear_first' => ['rear to front', 'smelly parts first'],
                'neck_first' => ['neck to rear, head last', 'soap stays out of the eyes'],
            ],
        ],
        'shampoo' => [
            'Shampoo',
            [
                'diluted' => ['pre-diluted in labelled bottles, twice, conditioner', 'even, rinses out, costs less'],
                'straight' => ['straight on, one pass', 'quick on a dog that is nearly clean'],
            ],
        ],
        'bath_frequency' => [
            'Bathing',
            [
                'monthly' => ['not more than about monthly unless dirty', 'skin keeps its own oil'],
                'as_needed' => ['as often as needed, with conditioner', 'a clean coat knots less'],
            ],
        ],
        'drying' => [
            'Dry before clipping',
            [
                'bone_dry' => ['bone dry always', 'guards snag and lines show on damp hair'],
                'nearly_dry' => ['nearly dry is enough for a shave-down', 'quicker; the price is a blade that clogs'],
            ],
        ],
        'drying_way' => [
            'Drying',
            [
                'forced' => ['forced air, rear to front, nozzle off at the head', 'hair lies down and straightens'],
                'cool' => [
                    'cool dryer and brush, towel, air',
                    'for noise-shy dogs; may not be clip-ready the same visit',
                ],
            ],
        ],
        'pads' => [
            'Pads, when',
            [
                'before_bath' => ['before the bath', 'less to wash and dry'],
                'after_dry' => ['after drying', 'hair stands away when it is clean'],
            ],
        ],
        'pads_way' => [
            'Pads, how',
            [
                'level' => ['level with scissors', 'nothing digs in'],
                'flush' => ['flush with a short blade, never digging', 'grips on smooth floors'],
            ],
        ],
        'nails' => [
            'Nails',
            [
                'clip_and_grind' => ['clip, then grind smooth', 'short and smooth'],
                'grind' => ['grind only', 'no crushing, little by little'],
                'clip' => ['clip only', 'quiet and quick'],
            ],
        ],
        'nails_when' => [
            'Nails, when',
            [
                'before_bath' => ['before the bath', 'dust is washed off'],
                'after_dry' => ['after drying', 'claws are softer then'],
            ],
        ],
        'ear_hair' => [
            'Hair in the ears',
            [
                'visible' => ['clean only what is visible', 'what is left alone does not get sore'],
                'advised' => ['powder, pull a little, clean, where a vet advised it', 'air reaches the canal'],
            ],
        ],
        'direction' => [
            'Direction',
            [
                'with' => ['always with the lay', 'no lines'],
                'against' => ['against on soft coats, or for tightness', 'a tighter result; shows lines and skin'],
            ],
        ],
        'pressure' => [
            'Pressure',
            [
                'none' => ['none on a bare blade', 'pressure cuts'],
                'medium' => ['medium with a guard', 'else it skims over the coat'],
            ],
        ],
        'base' => [
            'Base under a guard',
            ['10' => ['10', 'forgiving at the skin'], 'short' => ['15 or 30', 'crisper, packs less']],
        ],
        'fringe' => [
            'Fringe',
            [
                'keep' => ['keep centre and lashes, clear the sides', 'lashes hold hair off the eye'],
                'sections' => ['shorten at an angle, in sections', 'both eyes are seen'],
            ],
        ],
        'inner_corner' => [
            'Inner corner of the eye',
            [
                'thinning' => ['thinning shears, tip third only', 'a slip takes little'],
                'trimmer' => ['small trimmer or round-tip scissors', 'close and quick'],
            ],
        ],
        'rear_tool' => [
            'Under the tail',
            [
                'shield' => ['comb as a shield, scissors pointing away', 'a wriggle meets the comb'],
                'trimmer' => ['small trimmer, hand under the belly', 'no points at all'],
            ],
        ],
        'mats' => [
            'Mats',
            [
                'save' => ['save the coat with patience', 'the owner keeps the look'],
                'clip' => ['clip early', 'the dog is spared'],
            ],
        ],
        'voice' => [
            'Voice',
            [
                'quiet' => ['near silence, hands place the dog, one quiet praise', 'little to react to'],
                'marker' => ['marker word and food, soothing', 'the dog knows what was right'],
            ],
        ],
        'reluctant' => [
            'A reluctant dog',
            [
                'half_minute' => ['half a minute, switch tool or task, come back', 'most fear passes in a minute'],
                'staged' => ['staged over days, or deferred', 'what is learned calmly stays'],
            ],
        ],
        'symmetry' => [
            'Symmetry',
            [
                'looks' => ['looks level from the front, whatever the ear set', 'that is what is seen'],
                'measured' => ['measured equal', 'it grows out equal'],
            ],
        ],
        'length_logic' => [
            'Lengths',
            [
                'zones' => ['zone by zone', 'the outline is made'],
                'one' => ['one guard everywhere', 'quick and even'],
                'selected' => ['only selected zones', 'the rest is left alone'],
            ],
        ],
    ];

    private function __construct()
    {
    }

    /** @return array<string, array{string, array<int|string, array{string, string}>}> */
    public static function rows(): array
    {
        return self::ROWS;
    }

    /** @return array<string, string> */
    public static function defaults(): array
    {
        return array_map(static fn (array $row): string => (string) array_key_first($row[1]), self::ROWS);
    }

    public static function shape(): Shape
    {
        return Shape::object(
            array_map(
                static fn (array $row): Shape => Shape::choice(
                    array_map(strval(...), array_keys($row[1])),
                    'side',
                )->default((string) array_key_first($row[1])),
                self::ROWS,
            ),
        );
    }

    /**
     * What the order of work depends on.
     *
     * @param array<string, string> $chosen
     */
    public static function schools(array $chosen): Schools
    {
        $c = $chosen + self::defaults();

        return new Schools($c['close_work'], $c['undercoat'], $c['pads'], $c['nails_when'], $c['nails'], $c['drying']);
    }
}
