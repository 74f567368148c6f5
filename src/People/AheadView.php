<?php

/** A visit that is booked with somebody who works here no more. A response record. */

declare(strict_types=1);

namespace KeenThistle\People;

final readonly class AheadView
{
    public function __construct(
        public string $booking,
        public string $dog_id,
        public string $dog,
        public string $day,
        public string $time,
        public string $kind,
    ) {
    }
}
