<?php

/** Where the van is filled. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class RefillForm
{
    public function __construct(
        #[Line(1, 40), Says('an id on the road map')] public string $at,
        #[Whole(1, 240)] public int $minutes,
        public bool $water = true,
        public bool $power = false,
    ) {
    }
}
