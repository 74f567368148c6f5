<?php

/** The phases of a groom in the order they usually come. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Say\Say;

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
    case Strip = 'strip';
    case Finish = 'finish';
    case Notes = 'notes';

    public function label(): string
    {
        return match ($this) {
            self::CloseWork => Say::it('timing.close_work'),
            self::NailsPadsEars => Say::it('timing.nails_pads_ears'),
            self::CombOut => Say::it('timing.comb_out'),
            default => $this->value,
        };
    }
}
