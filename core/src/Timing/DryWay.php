<?php

/** How a coat is dried, and how much longer than with forced air that takes. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Say\Say;

enum DryWay: string
{
    case Forced = 'forced';
    case Cool = 'cool';
    case Air = 'air';

    public function factor(): float
    {
        return match ($this) {
            self::Forced => 1.0,
            self::Cool => 1.6,
            self::Air => 3.5,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Forced => Say::it('timing.dry_forced'),
            self::Cool => Say::it('timing.dry_cool'),
            self::Air => Say::it('timing.dry_air'),
        };
    }

    /** Whether somebody stands at it: towel and air take the hours by themselves, and are not charged. */
    public function takesAPerson(): bool
    {
        return self::Air !== $this;
    }
}
