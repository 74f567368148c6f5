<?php

/** When whoever drives the van rests: no dog is worked on, and no way is driven. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

final readonly class Pause
{
    /**
     * @param int $from minutes since midnight
     * @param int $to the same, after it
     */
    public function __construct(public int $from, public int $to)
    {
    }
}
