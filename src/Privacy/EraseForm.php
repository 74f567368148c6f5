<?php

/** Who asked for a home to be erased, and how: kept with the entry that it was done. */

declare(strict_types=1);

namespace KeenThistle\Privacy;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class EraseForm
{
    public function __construct(
        #[Line(3, 120), Says('how it was asked for, without a name, such as: by letter of 3 May')] public string $asked,
    ) {
    }
}
