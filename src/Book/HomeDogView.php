<?php

/** A dog on the page of its home. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

final readonly class HomeDogView
{
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $breed,
        public string $state,
        public ?string $last_visit,
        public ?string $next_booking,
    ) {
    }
}
