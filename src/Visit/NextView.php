<?php

/** The next visit of a dog: when, what for and why, in one sentence. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Input\Says;

final readonly class NextView
{
    /** @param list<string> $because */
    public function __construct(
        #[Says('from today')] public int $weeks,
        public string $on,
        public string $kind,
        #[Says('the clocks that are due then')] public array $because,
        public ?float $minutes,
        public string $words,
    ) {
    }
}
