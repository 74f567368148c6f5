<?php

/** Where a phase is done. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

enum StationKind: string
{
    case Tub = 'tub';
    case Dryer = 'dryer';
    case Table = 'table';
    case Pen = 'pen';
    case None = 'none';

    /** Whether the dog is lifted onto it. */
    public function isLiftedOnto(): bool
    {
        return self::Tub === $this || self::Table === $this;
    }
}
