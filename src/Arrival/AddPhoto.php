<?php

/** Add a photo to an arrival. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;

final readonly class AddPhoto implements Command, MayComeLate
{
    /** @param string $bytes of the picture as it came */
    public function __construct(
        public string $arrival,
        public string $zone,
        public string $moment,
        public string $bytes,
    ) {
    }
}
