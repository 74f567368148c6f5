<?php

/** What is done about the knots of one zone. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

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
            self::None => 'clear',
            self::Comb => 'comb out',
            self::Loosen => 'loosen by hand, then comb from the tips',
            self::Split => 'split along the growth, then comb',
            self::Clip => 'clip under',
        };
    }
}
