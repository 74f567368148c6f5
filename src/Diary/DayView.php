<?php

/** What is booked on one day. A response record. */

declare(strict_types=1);

namespace KeenThistle\Diary;

final readonly class DayView
{
    /** @param list<DayBookingView> $bookings */
    public function __construct(public string $day, public array $bookings)
    {
    }
}
