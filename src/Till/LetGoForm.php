<?php

/** Why something is not charged. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class LetGoForm
{
    public function __construct(
        #[Line(0, 200), Says('why; empty: it is charged after all')] public string $why,
    ) {
    }
}
