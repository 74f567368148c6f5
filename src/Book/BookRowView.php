<?php

/** The response record of one dog in a list. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Says;

final readonly class BookRowView
{
    public function __construct(
        public string $id,
        public string $name,
        public string $breed,
        public string $coat,
        public string $household,
        #[Says('id of its home')] public string $home,
        public string $person,
        public string $phone,
        public string $state,
        public int $cautions,
        public ?string $last_visit,
        public ?string $next_booking,
    ) {
    }
}
