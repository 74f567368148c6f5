<?php

/** Another line for a pattern, before it is kept. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Input\Text;

final readonly class SpreadForm
{
    public function __construct(#[Text(0, Notation::LONGEST)] public string $line)
    {
    }
}
