<?php

/** What a visit comes to with so many minutes on mats. A response record. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Input\Says;

final readonly class AtMinutesView
{
    public function __construct(
        #[Says('minutes on mats, whole')] public int $matting,
        public float $minutes_50,
        public int $slot_minutes,
        public ?int $price_minor,
    ) {
    }
}
