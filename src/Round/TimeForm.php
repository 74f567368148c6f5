<?php

/** The time at which the van comes to a dog. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;

final readonly class TimeForm
{
    public function __construct(
        #[Text(1, 36)] public string $booking,
        #[Whole(1, 2_000_000_000), Says('of the booking, as it was read')] public int $version,
        #[Line(1, 5), Says('HH:MM')] public string $time,
    ) {
    }
}
