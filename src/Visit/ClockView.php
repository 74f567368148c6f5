<?php

/** One of a dog's clocks. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class ClockView
{
    /** @param list<array<string, mixed>> $reasons */
    public function __construct(
        public string $clock,
        public float $weeks,
        #[Says('the day it was last set back')] public string $since,
        public string $due_on,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }
}
