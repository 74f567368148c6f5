<?php

/** How matted a dog is, as its owner says it on the phone. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Say\Say;

enum MattingTold: string
{
    case None = 'none';
    case Few = 'few';
    case Many = 'many';
    case Felt = 'felt';

    /** @return array{float, float} least and most minutes of working out on a dog of half a square metre */
    public function minutes(): array
    {
        return match ($this) {
            self::None => [0.0, 8.0],
            self::Few => [5.0, 20.0],
            self::Many => [15.0, 45.0],
            // It is clipped off, not combed out: slower under felt.
            self::Felt => [15.0, 50.0],
        };
    }

    public function combsOut(): bool
    {
        return self::Felt !== $this;
    }

    public function words(): string
    {
        return match ($this) {
            self::None => Say::it('quote.no_tangles'),
            self::Few => Say::it('quote.a_few_tangles'),
            self::Many => Say::it('quote.many_mats'),
            self::Felt => Say::it('quote.felt'),
        };
    }
}
