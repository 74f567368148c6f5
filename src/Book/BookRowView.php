<?php

/** The response record of one dog in a list. */

declare(strict_types=1);

namespace KeenThistle\Book;

final readonly class BookRowView
{
    public function __construct(
        public string $id,
        public string $name,
        public string $breed,
        public string $coat,
        public string $household,
        public string $person,
        public string $phone,
        public string $state,
        public int $cautions,
        public ?string $last_visit,
        public ?string $next_booking,
    ) {
    }
}
