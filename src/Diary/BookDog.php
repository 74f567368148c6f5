<?php

/** Book a dog. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Command\Command;

final readonly class BookDog implements Command
{
    /** @param string $dog its id */
    public function __construct(public string $dog, public NewBooking $booking)
    {
    }
}
