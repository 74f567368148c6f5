<?php

/** What is done about the knots of one zone. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Say\Say;

enum Decision: string
{
    case None = 'none';
    case Comb = 'comb';
    case Rake = 'rake';
    case Loosen = 'loosen';
    case Split = 'split';
    case Clip = 'clip';
    case ComesOff = 'comes_off';

    /** Decisions by which a mat is worked out with patience, and the dog pays for it: what the limits hold. */
    public function isWorkingOut(): bool
    {
        return \in_array($this, [self::Comb, self::Loosen, self::Split], true);
    }

    /** Whether the hair goes with the mat. */
    public function takesTheHair(): bool
    {
        return self::Clip === $this || self::ComesOff === $this;
    }

    /** @return list<self> what a groomer may decide over the rule's head */
    public static function overrules(): array
    {
        return [self::None, self::Comb, self::Rake, self::Loosen, self::Split, self::Clip];
    }

    public function words(): string
    {
        return match ($this) {
            self::None => Say::it('matting.clear'),
            self::Comb => Say::it('matting.comb_out'),
            self::Rake => Say::it('matting.rake_out_in_layers'),
            self::Loosen => Say::it('matting.loosen_by_hand_then_comb_from'),
            self::Split => Say::it('matting.split_along_the_growth_then_comb'),
            self::Clip => Say::it('matting.clip_under'),
            self::ComesOff => Say::it('matting.comes_off_with_todays_length'),
        };
    }
}
