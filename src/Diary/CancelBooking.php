<?php

/** Cancel a booking. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Command\Command;

final readonly class CancelBooking implements Command
{
    public function __construct(public string $booking, public int $version)
    {
    }
}
