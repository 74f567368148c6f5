<?php

/** The sign-in that somebody has in another salon of this installation, to be reached from here. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class SalonForm
{
    public function __construct(
        #[Line(1, 80), Says('what they sign in with there')] public string $login,
        #[Text(1, 200), Says('their password there')] public string $password,
    ) {
    }
}
