<?php

/** What somebody of a home said yes or no to. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Says;

final readonly class HomeConsentView
{
    public function __construct(
        public string $at,
        #[Says('whom or which dog it is of; empty: one who is of this home no more')] public string $of,
        #[Says('in the words of that day')] public string $text,
        #[Says('who noted it')] public string $by,
    ) {
    }
}
