<?php

/** Take changes of a plan back that were made together. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Command\Command;

final readonly class TakeBack implements Command
{
    /** @param non-empty-list<string> $changes ids in the log */
    public function __construct(public array $changes)
    {
    }
}
