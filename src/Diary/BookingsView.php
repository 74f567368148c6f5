<?php

/** The response record of a list of bookings. */

declare(strict_types=1);

namespace KeenThistle\Diary;

final readonly class BookingsView
{
    /** @param list<BookingView> $bookings */
    public function __construct(public array $bookings)
    {
    }
}
