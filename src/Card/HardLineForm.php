<?php

/** Two neighbouring zones, and whether a hard line is wanted between them. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Core\Zone\Zone;
use KeenThistle\Input\Shaped;

final readonly class HardLineForm
{
    public function __construct(
        #[Shaped([Zone::class, 'shape'])] public string $zone,
        #[Shaped([Zone::class, 'shape'])] public string $other,
        public bool $wanted,
    ) {
    }
}
