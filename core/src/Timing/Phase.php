<?php

/** The phases of a groom in the order they usually come. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

enum Phase: string
{
    case Settle = 'settle';
    case Check = 'check';
    case Knots = 'knots';
    case CloseWork = 'close_work';
    case NailsPadsEars = 'nails_pads_ears';
    case Bath = 'bath';
    case Dry = 'dry';
    case CombOut = 'comb_out';
    case Clip = 'clip';
    case Scissor = 'scissor';
    case Finish = 'finish';
    case Notes = 'notes';

    public function label(): string
    {
        return match ($this) {
            self::CloseWork => 'close work',
            self::NailsPadsEars => 'nails, pads, ears',
            self::CombOut => 'comb-out',
            default => $this->value,
        };
    }
}
