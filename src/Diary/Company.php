<?php

/** Who else is there at the time of a visit: known further on, where it is known how long visits are. */

declare(strict_types=1);

namespace KeenThistle\Diary;

interface Company
{
    /** @return string why it must not come then, beside those who are booked that day; "": it may */
    public function why(Booking $booking): string;
}
