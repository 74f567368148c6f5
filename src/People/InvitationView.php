<?php

/** A one-time link that is open, for whoever may hand it over. A response record. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class InvitationView
{
    public function __construct(
        public string $id,
        #[Gives("'join'|'reset'")] public string $kind,
        public string $name,
        #[Says('empty: it is handed over by hand')] public string $to,
        public ?string $role_label,
        public ?string $place,
        public string $until,
        #[Says('path of the page it opens')] public string $path,
    ) {
    }
}
