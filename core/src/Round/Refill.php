<?php

/** A place where the tank, the battery or both are filled, and how long that takes. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

final readonly class Refill
{
    public function __construct(
        public string $at,
        public bool $water,
        public bool $power,
        public int $minutes,
    ) {
    }
}
