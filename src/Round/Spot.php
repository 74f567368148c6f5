<?php

/** A place on the road map: a home, a farm, a village, or where the van is filled. */

declare(strict_types=1);

namespace KeenThistle\Round;

final readonly class Spot
{
    /**
     * @param int $x on the map, 0 to 1000 from the west
     * @param int $y 0 to 1000 from the north
     * @param 'base'|'village'|'farm'|'water' $kind
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $x,
        public int $y,
        public string $kind,
    ) {
    }
}
