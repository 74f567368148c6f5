<?php

/** What a booked visit would cost, by the dog's plan and the prices of its day. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\VisitPrice;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;

final readonly class BookedPrice implements VisitPrice
{
    public function __construct(private Plans $plans, private WorkOrder $order)
    {
    }

    public function of(Actor $actor, Booking $booking): int
    {
        $dog = $booking->dog;
        $minutes = $this->order->minutes(
            $dog,
            Plans::recipes($this->plans->of($actor, $dog)[1]),
            null,
            Service::tryFrom($booking->kind) ?? Service::Full,
            $dog->salon->pricesOn($booking->day),
            $booking->washed,
        );

        return $minutes->price ?? 0;
    }
}
