<?php

/** A place of the salon, and what hangs on it. A response record. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class PlaceView
{
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        #[Gives("'room'|'van'")] public string $kind,
        #[Says('false: closed')] public bool $open,
        #[Says('tools that live there')] public int $tools,
        #[Says('people who usually work there')] public int $people,
    ) {
    }
}
