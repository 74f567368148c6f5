<?php

/** How one step of a groom stands. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Says;

final readonly class StepMarkView
{
    public function __construct(
        public string $key,
        #[Says('open, begun, done or skipped')] public string $state,
        public string $why,
        public ?string $who,
        #[Says('owner or dry: nothing of it can be done yet; empty: it can')] public string $waits,
    ) {
    }
}
