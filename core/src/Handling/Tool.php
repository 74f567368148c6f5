<?php

/** Tools as a dog meets them: how risky they are on a dog that moves, and what to take instead. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Say\Say;

enum Tool: string
{
    case Comb = 'comb';
    case Slicker = 'slicker';
    case Clipper = 'clipper';
    case Scissors = 'scissors';
    case Dryer = 'dryer';
    case NailClippers = 'nail_clippers';
    case Grinder = 'grinder';
    case Bath = 'bath';

    /** 1 harmless to 5: hurts at the first wrong move. */
    public function risk(): int
    {
        return match ($this) {
            self::Comb => 1,
            self::Slicker, self::Bath => 2,
            self::Clipper, self::Dryer, self::Grinder => 3,
            self::NailClippers => 4,
            self::Scissors => 5,
        };
    }

    public function substitute(): string
    {
        return match ($this) {
            self::Comb, self::Slicker => Say::it('handling.fingers_and_a_soft_brush'),
            self::Clipper => Say::it('handling.thinning_shears_above_a_comb'),
            self::Scissors => Say::it('handling.thinning_shears_above_a_comb_or'),
            self::Dryer => Say::it('handling.towels_then_a_cool_quiet_dryer'),
            self::NailClippers => Say::it('handling.a_hand_file_one_claw_at'),
            self::Grinder => Say::it('handling.clip_and_file_by_hand'),
            self::Bath => Say::it('handling.a_damp_cloth_and_a_towel'),
        };
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
