<?php

/** What somebody who was invited says of themselves. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class Join
{
    public function __construct(
        #[Line(2, 80), Says('name, as colleagues know it')] public string $name,
        #[Line(2, 80), Says('what they sign in with')] public string $login,
        #[Text(1, Passwords::MOST), Says('their password')] public string $password,
        #[Text(1, 8), Says('their PIN')] public string $pin,
    ) {
    }
}
