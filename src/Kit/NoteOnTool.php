<?php

/** Write down what happened to a tool. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Command\Command;

final readonly class NoteOnTool implements Command
{
    public function __construct(public string $tool, public ToolEntryForm $entry)
    {
    }
}
