<?php

/** A photo of this arrival. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Input\Says;

final readonly class PhotoView
{
    public function __construct(
        public string $id,
        public string $zone,
        public string $moment,
        public int $width,
        public int $height,
        public string $who,
        #[Says('whether who asks may take it out')] public bool $removable,
    ) {
    }
}
