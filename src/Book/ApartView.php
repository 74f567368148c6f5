<?php

/** The dogs that a dog must not meet. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class ApartView
{
    /** @param list<array{id: string, name: string, home: string, own: bool}> $dogs */
    public function __construct(
        #[Gives('list<array{id: string, name: string, home: string, own: bool}>'),
            Says('own: it is said of this dog, and not only of the other')]
        public array $dogs,
    ) {
    }
}
