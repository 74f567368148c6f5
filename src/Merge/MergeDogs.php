<?php

/** Two records are one dog: what hangs on the other comes to this one. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use KeenThistle\Command\Command;

final readonly class MergeDogs implements Command
{
    public function __construct(public string $kept, public string $other)
    {
    }
}
