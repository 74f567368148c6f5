<?php

/** One's own PIN, with the password that allows it. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class OwnPin
{
    public function __construct(
        #[Text(1, Passwords::MOST), Says('the password')] public string $password,
        #[Text(1, 8), Says('the new PIN')] public string $pin,
    ) {
    }
}
