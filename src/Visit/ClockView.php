<?php

/** One of a dog's clocks. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Input\Gives;

final readonly class ClockView
{
    /** @param list<array<string, mixed>> $reasons */
    public function __construct(
        public string $clock,
        public float $weeks,
        public string $due_on,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }
}
