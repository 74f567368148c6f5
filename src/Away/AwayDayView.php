<?php

/** One visit of a person's week. A response record. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Input\Says;

final readonly class AwayDayView
{
    public function __construct(
        public string $dog,
        public string $name,
        public string $owner,
        public string $on,
        #[Says('as it was told; empty: it is here already')] public string $time,
        public string $kind,
    ) {
    }
}
