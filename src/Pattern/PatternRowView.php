<?php

/** A pattern in the list. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Input\Says;

final readonly class PatternRowView
{
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $note,
        #[Says('in the house\'s shorthand')] public string $line,
        #[Says('cards that follow it')] public int $followers,
        #[Says('of those that have an older version')] public int $behind,
    ) {
    }
}
