<?php

/** What a visit is booked for, as far as its minutes depend on it. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

enum Service: string
{
    case Full = 'full';
    case Tidy = 'tidy';
    case Bath = 'bath';
    case Nails = 'nails';

    /** @return list<Phase> */
    public function phases(): array
    {
        return match ($this) {
            self::Full => Phase::cases(),
            self::Tidy => [
                Phase::Settle,
                Phase::Check,
                Phase::Knots,
                Phase::CloseWork,
                Phase::NailsPadsEars,
                Phase::Bath,
                Phase::Dry,
                Phase::CombOut,
                Phase::Notes,
            ],
            self::Bath => [
                Phase::Settle,
                Phase::Check,
                Phase::Knots,
                Phase::NailsPadsEars,
                Phase::Bath,
                Phase::Dry,
                Phase::CombOut,
                Phase::Notes,
            ],
            self::Nails => [Phase::Settle, Phase::Check, Phase::NailsPadsEars, Phase::Notes],
        };
    }
}
