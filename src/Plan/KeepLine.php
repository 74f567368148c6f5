<?php

/** Let a dog's plan be what a line says; zones it leaves out are taken out. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Command\Command;

final readonly class KeepLine implements Command
{
    /** @param int $revision of the plan the line was written over */
    public function __construct(public string $dog, public int $revision, public LineForm $line)
    {
    }
}
