<?php

/** What an arrival saw of a hygiene clock in one tap: not yet due, just due, or long overdue. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

enum Seen: string
{
    case NotYet = 'not_yet';
    case Just = 'just';
    case Overdue = 'overdue';

    /** How far before what was seen a clock had been due, or how far past it still was not. */
    private const STEP = 0.25;

    /**
     * The weeks this says the clock should have had; null where it says nothing new.
     *
     * @param float $weeks since the clock was set back
     * @param float $clock what it was thought to have
     */
    public function says(float $weeks, float $clock): ?float
    {
        return match ($this) {
            self::Just => $weeks,
            self::Overdue => $weeks * (1 - self::STEP) < $clock ? $weeks * (1 - self::STEP) : null,
            self::NotYet => $weeks * (1 + self::STEP) > $clock ? $weeks * (1 + self::STEP) : null,
        };
    }
}
