<?php

/** Where a programme is told of changes. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class TellForm
{
    public function __construct(
        #[Line(0, 300), Says('address that is told of changes, https; empty: none')] public string $tell = '',
    ) {
    }
}
