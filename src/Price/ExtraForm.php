<?php

/** One thing that can be asked for on top of a visit. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class ExtraForm
{
    public function __construct(
        #[Line(1, 60)] public string $name,
        #[Whole(0, 1_000_000), Says('its price, in hundredths of the currency')] public int $minor,
        #[Whole(0, 240), Says('minutes it takes, paid by its price')] public int $minutes = 0,
    ) {
    }
}
