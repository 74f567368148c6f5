<?php

/** A road between two places of the map. */

declare(strict_types=1);

namespace KeenThistle\Round;

final readonly class Way
{
    /**
     * @param string $name of a road that can be shut; empty: nobody speaks of it
     * @param int $minutes outside the busy hours
     * @param float $busy what the busy hours multiply them by
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $from,
        public string $to,
        public int $minutes,
        public bool $bridge = false,
        public float $busy = 1.0,
    ) {
    }
}
