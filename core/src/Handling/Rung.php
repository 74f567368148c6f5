<?php

/** The acclimatising ladder: how a dog comes to bear a tool, one rung at a time. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Say\Say;

enum Rung: string
{
    case Sees = 'sees_it';
    case MovesOff = 'moves_off';
    case NearBody = 'near_body';
    case PartHeld = 'part_held';
    case HeldNear = 'held_with_tool_near';
    case OnFar = 'on_at_a_distance';
    case OnNearing = 'on_nearing';
    case FirstStrokes = 'first_strokes';
    case Normal = 'normal';

    public function words(): string
    {
        return match ($this) {
            self::Sees => Say::it('handling.it_sees_the_tool'),
            self::MovesOff => Say::it('handling.the_tool_moves_switched_off'),
            self::NearBody => Say::it('handling.the_tool_is_near_its_body'),
            self::PartHeld => Say::it('handling.the_part_is_held'),
            self::HeldNear => Say::it('handling.the_part_is_held_with_the'),
            self::OnFar => Say::it('handling.switched_on_at_a_distance'),
            self::OnNearing => Say::it('handling.switched_on_and_coming_nearer'),
            self::FirstStrokes => Say::it('handling.first_small_strokes'),
            self::Normal => Say::it('handling.normal_work'),
        };
    }

    /** What an owner can do at home about it: deliberately less, and nothing sharp. */
    public function homework(): string
    {
        return match ($this) {
            self::Sees, self::MovesOff, self::NearBody => Say::it('handling.leave_a_harmless_brush_lying_where'),
            self::PartHeld, self::HeldNear => Say::it('handling.hold_that_paw_or_part_gently'),
            self::OnFar, self::OnNearing => Say::it('handling.a_humming_toothbrush_in_the_next'),
            self::FirstStrokes, self::Normal => Say::it('handling.comb_that_place_for_half_a'),
        };
    }

    public function index(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public static function at(int $index): self
    {
        return self::cases()[max(0, min(\count(self::cases()) - 1, $index))];
    }
}
