<?php

/**
 * The points on which good groomers differ, with what each side says for itself. A salon picks one; a card may differ.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Say\Say;

final class SchoolTable
{
    /** What of the work its points change; a point that is in none does not exist. */
    private const GROUPS = [
        'order' => [
            'close_work',
            'undercoat',
            'brush_out',
            'washing_order',
            'pads',
            'nails_when',
            'ears_when',
            'strip',
            'outline',
        ],
        'bath' => ['undercoat_amount', 'shampoo', 'bath_frequency', 'drying', 'drying_way'],
        'tools' => ['pads_way', 'nails', 'ear_hair', 'pressure', 'fringe', 'inner_corner', 'rear_tool'],
        'card' => ['direction', 'base', 'symmetry', 'length_logic'],
        'dog' => ['mats', 'voice', 'reluctant'],
    ];
    /** point => its sides; the first is the default. What each says for itself is among what is said (Say). */
    private const ROWS = [
        'close_work' => ['before_bath', 'after_dry'],
        'undercoat' => ['before_bath', 'after_dry'],
        'undercoat_amount' => ['capped', 'all'],
        'brush_out' => ['always', 'if_staying'],
        'washing_order' => ['rear_first', 'neck_first'],
        'shampoo' => ['diluted', 'straight'],
        'bath_frequency' => ['monthly', 'as_needed'],
        'drying' => ['bone_dry', 'nearly_dry'],
        'drying_way' => ['forced', 'cool', 'air'],
        'pads' => ['before_bath', 'after_dry'],
        'pads_way' => ['level', 'flush'],
        'nails' => ['clip_and_grind', 'grind', 'clip'],
        'nails_when' => ['before_bath', 'after_dry'],
        'ear_hair' => ['visible', 'advised'],
        'ears_when' => ['before_bath', 'after_dry', 'at_end'],
        'strip' => ['before_bath', 'days_after'],
        'outline' => ['body_first', 'face_first', 'side_by_side'],
        'direction' => ['with', 'against'],
        'pressure' => ['none', 'medium'],
        'base' => ['10', 'short'],
        'fringe' => ['keep', 'sections'],
        'inner_corner' => ['thinning', 'trimmer', 'round_tip'],
        'rear_tool' => ['shield', 'trimmer'],
        'mats' => ['save', 'clip'],
        'voice' => ['quiet', 'marker', 'soothing'],
        'reluctant' => ['half_minute', 'staged'],
        'symmetry' => ['looks', 'measured'],
        'length_logic' => ['zones', 'one', 'selected'],
    ];

    private function __construct()
    {
    }

    /**
     * @return array<string, array{string, array<int|string, array{string, string}>, string}> label, sides with what
     *     each says for itself, what a choice changes
     */
    public static function rows(): array
    {
        $rows = [];
        foreach (self::ROWS as $point => $sides) {
            $said = [];
            foreach ($sides as $side) {
                $said[$side] = [Say::it("school.$point.$side"), Say::it("school.$point.$side.why")];
            }
            $rows[$point] = [Say::it("school.$point"), $said, Say::it("school.$point.changes")];
        }

        return $rows;
    }

    /** @return array<string, array{string, list<string>}> group => what it is called, and its points in their order */
    public static function groups(): array
    {
        $called = [
            'order' => Say::it('school_group.order'),
            'bath' => Say::it('school_group.bath'),
            'tools' => Say::it('school_group.tools'),
            'card' => Say::it('school_group.card'),
            'dog' => Say::it('school_group.dog'),
        ];

        $out = [];
        foreach (self::GROUPS as $group => $points) {
            $out[$group] = [$called[$group], $points];
        }

        return $out;
    }

    /** @return array<string, list<string>> the sides of every point */
    public static function sides(): array
    {
        return self::ROWS;
    }

    /** @return array<string, string> */
    public static function defaults(): array
    {
        return array_map(static fn (array $sides): string => $sides[0], self::ROWS);
    }

    public static function shape(): Shape
    {
        return Shape::object(
            array_map(static fn (array $sides): Shape => Shape::choice($sides, 'side')->default($sides[0]), self::ROWS),
        );
    }
}
