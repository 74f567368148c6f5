<?php

/** Sign-ins: one's own that are open, or a page of the salon's. A response record. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class SignInsView
{
    /** @param list<SignInView> $sign_ins */
    public function __construct(
        #[Gives('list<SignInView>')] public array $sign_ins,
        #[Says('cursor of the next page; null: there is none')] public ?string $next = null,
    ) {
    }
}
