<?php

/** One of the people of a home. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class HomePersonView
{
    /** @param list<array{id: string, name: string}> $also */
    public function __construct(
        public string $id,
        public string $name,
        public string $phone,
        public string $email,
        #[Gives("'unasked'|'yes'|'no'"), Says('whether they agreed to be written to')] public string $writes,
        #[Says('when they said so')] public ?string $writes_on,
        public bool $collects,
        #[Says('what they say at the door')] public string $word,
        #[Says('their other homes: those with somebody of that name and number'),
            Gives('list<array{id: string, name: string}>')]
        public array $also,
    ) {
    }
}
