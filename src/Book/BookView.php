<?php

/** The response record of a list of dogs. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Says;

final readonly class BookView
{
    /** @param list<BookRowView> $dogs */
    public function __construct(
        public array $dogs,
        #[Says('cursor of the next page')] public ?string $next,
        #[Says('true where nothing matched as typed and these are one typo away')] public bool $near,
    ) {
    }
}
