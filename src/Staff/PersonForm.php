<?php

/** Who takes over a shared tablet. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class PersonForm
{
    public function __construct(
        #[Text(1, 36), Says('who takes over')] public string $staff,
        #[Text(4, 8), Says('their PIN')] public string $pin,
    ) {
    }
}
