<?php

/** They were two dogs after all: each gets back what was its own. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use KeenThistle\Command\Command;

final readonly class PartDogs implements Command
{
    public function __construct(public string $merge)
    {
    }
}
