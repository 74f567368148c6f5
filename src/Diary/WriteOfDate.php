<?php

/** Write to an owner about a date that is booked. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Command\Command;

final readonly class WriteOfDate implements Command
{
    /**
     * @param string $booking its id
     * @param bool $reminds the salon does it by itself, once a date
     */
    public function __construct(public string $booking, public bool $reminds = false)
    {
    }
}
