<?php

/** Where the van finds a home, and what it may take there. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class HomeSpotForm
{
    public function __construct(
        #[Line(0, 40), Says('an id on the road map; empty: not said')] public string $spot,
        public bool $has_water = false,
        public bool $has_power = false,
    ) {
    }
}
