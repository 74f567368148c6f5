<?php

/** What a booked visit would cost: known further on, where work and prices are. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Staff\Actor;

interface VisitPrice
{
    /** @return int minor units, by the prices of its day; 0: nobody has weighed the dog */
    public function of(Actor $actor, Booking $booking): int;
}
