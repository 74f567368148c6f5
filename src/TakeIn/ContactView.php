<?php

/** Somebody of an address book, as they would be kept. A response record. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class ContactView
{
    public function __construct(
        public string $name,
        public string $phone,
        public string $email,
        #[Gives("'new'|'known'|'fault'")] public string $state,
        #[Says('why they cannot be kept; empty: they can')] public string $why,
    ) {
    }
}
