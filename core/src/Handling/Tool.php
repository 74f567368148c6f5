<?php

/** Tools as a dog meets them: how risky they are on a dog that moves, and what to take instead. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

enum Tool: string
{
    case Comb = 'comb';
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
            self::Bath => 2,
            self::Clipper, self::Dryer, self::Grinder => 3,
            self::NailClippers => 4,
            self::Scissors => 5,
        };
    }

    public function substitute(): string
    {
        return match ($this) {
            self::Comb => 'fingers and a soft brush',
            self::Clipper => 'thinning shears above a comb',
            self::Scissors => 'thinning shears above a comb, or a guard on the clipper',
            self::Dryer => 'towels, then a cool quiet dryer and a brush',
            self::NailClippers => 'a hand file, one claw at a time',
            self::Grinder => 'clip and file by hand',
            self::Bath => 'a damp cloth and a towel',
        };
    }

    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
