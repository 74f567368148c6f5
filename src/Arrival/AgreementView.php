<?php

/** What an owner agreed to or refused. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Input\Says;

final readonly class AgreementView
{
    public function __construct(
        public string $id,
        public int $number,
        public bool $agreed,
        public string $signed_by,
        public string $at,
        public string $who,
        public string $choice,
        #[Says('address of the owner\'s copy; null: taken back, or too old')] public ?string $link,
        #[Says('the link opens it until then')] public ?string $link_until,
        #[Says('the seal still fits')] public bool $intact,
        #[Says('nothing was changed since')] public bool $current,
    ) {
    }
}
