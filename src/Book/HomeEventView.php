<?php

/** Something of a home's past: a visit, or what was agreed. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Says;

final readonly class HomeEventView
{
    public function __construct(
        public string $dog_id,
        public string $dog,
        #[Says('the day of it')] public string $on,
        #[Says('what it was, in a few words')] public string $what,
    ) {
    }
}
