<?php

/** Give a booking another day, hour or person. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Command\Command;

final readonly class MoveBooking implements Command
{
    public function __construct(public string $booking, public int $version, public MovedBooking $to)
    {
    }
}
