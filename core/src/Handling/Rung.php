<?php

/** The acclimatising ladder: how a dog comes to bear a tool, one rung at a time. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

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
            self::Sees => 'it sees the tool',
            self::MovesOff => 'the tool moves, switched off',
            self::NearBody => 'the tool is near its body',
            self::PartHeld => 'the part is held',
            self::HeldNear => 'the part is held with the tool near, switched off',
            self::OnFar => 'switched on at a distance',
            self::OnNearing => 'switched on and coming nearer',
            self::FirstStrokes => 'first small strokes',
            self::Normal => 'normal work',
        };
    }

    /** What an owner can do at home about it: deliberately less, and nothing sharp. */
    public function homework(): string
    {
        return match ($this) {
            self::Sees,
            self::MovesOff,
            self::NearBody => 'Leave a harmless brush lying where the dog eats; half a minute a day, '
                .'food for looking at it.',
            self::PartHeld,
            self::HeldNear => 'Hold that paw or part gently for three breaths, let go before the dog pulls, '.
                'food; once a day, no tool.',
            self::OnFar,
            self::OnNearing => 'A humming toothbrush in the next room, then in this one, while the dog eats; '.
                'never chase it with the sound.',
            self::FirstStrokes,
            self::Normal => 'Comb that place for half a minute a day with food, and stop while it is still easy.',
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
