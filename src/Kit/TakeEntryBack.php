<?php

/** Take back what was written down of a tool. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Command\Command;

final readonly class TakeEntryBack implements Command
{
    public function __construct(public string $entry)
    {
    }
}
