<?php

/** How fast the coat grows. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Input\Gives;

final readonly class GrowthView
{
    /** @param list<array<string, mixed>> $reasons */
    public function __construct(
        public float $mm_per_week,
        public float $sd,
        public int $n,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }
}
