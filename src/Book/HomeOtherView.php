<?php

/** Somebody who is called, or fetches a dog, and lives elsewhere. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class HomeOtherView
{
    public function __construct(
        public string $name,
        public string $phone,
        #[Gives("'second'|'collector'"), Says('called where nobody of the home answers, or only fetches')]
        public string $role,
        public bool $collects,
        #[Says('what they say at the door')] public string $word,
    ) {
    }
}
