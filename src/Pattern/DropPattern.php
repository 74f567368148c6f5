<?php

/** Drop a pattern that no card follows. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class DropPattern implements Command
{
    public function __construct(public string $pattern)
    {
    }
}
