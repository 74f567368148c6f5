<?php

/** How one step of a groom stands. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class StepMarkView
{
    public function __construct(
        public string $key,
        #[Says('open, begun, done or skipped')] public string $state,
        public string $why,
        public ?string $who,
        #[Gives("'owner'|'dry'|'refused'|''"), Says('why nothing of it is done as things stand; empty: it can be')]
        public string $waits,
    ) {
    }
}
