<?php

/** Take what was ticked in the catalogue into the kit. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Command\Command;

final readonly class AddTicked implements Command
{
    public function __construct(public TickedTools $ticked)
    {
    }
}
