<?php

/** Who needs a tool. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Input\Says;

final readonly class NeededByView
{
    /**
     * @param list<array{dog: string, name: string, next_on: string|null, zones: list<string>, instead: list<string>,
     * lost: bool}> $dogs
     */
    public function __construct(
        #[Says('cards that name it')] public int $all,
        #[Says('of those booked in the next seven days')] public int $week,
        #[Says('those that come first')] public array $dogs,
        public string $words,
    ) {
    }
}
