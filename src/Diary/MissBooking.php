<?php

/** Nobody came to a visit; or it came after all. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Command\Command;

final readonly class MissBooking implements Command
{
    /** @param string $booking its id */
    public function __construct(public string $booking, public int $version, public bool $missed)
    {
    }
}
