<?php

/** Which other salon is asked. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class AskForm
{
    public function __construct(
        #[Line(2, 80), Says('name of the other salon, as its owner says it')] public string $salon,
    ) {
    }
}
