<?php

/** One's own password, old and new. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class OwnPassword
{
    public function __construct(
        #[Text(1, Passwords::MOST), Says('the password as it is')] public string $old,
        #[Text(1, Passwords::MOST), Says('the new password')] public string $new,
    ) {
    }
}
