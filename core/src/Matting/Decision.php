<?php

/** What is done about the knots of one zone. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Say\Say;

enum Decision: string
{
    case None = 'none';
    case Comb = 'comb';
    case Loosen = 'loosen';
    case Split = 'split';
    case Clip = 'clip';

    /** @param int $severity 0 to 4 */
    public static function forSeverity(int $severity): self
    {
        return [self::None, self::Comb, self::Loosen, self::Split, self::Clip][$severity];
    }

    public function words(): string
    {
        return match ($this) {
            self::None => Say::it('matting.clear'),
            self::Comb => Say::it('matting.comb_out'),
            self::Loosen => Say::it('matting.loosen_by_hand_then_comb_from'),
            self::Split => Say::it('matting.split_along_the_growth_then_comb'),
            self::Clip => Say::it('matting.clip_under'),
        };
    }
}
