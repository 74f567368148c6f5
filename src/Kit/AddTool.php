<?php

/** A new tool in the kit; it may take another one's place. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Command\Command;

final readonly class AddTool implements Command
{
    public function __construct(public NewTool $tool)
    {
    }
}
