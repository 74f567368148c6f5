<?php

/** Change where a tool lives, whose it is, whether it is in use. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Command\Command;

final readonly class ChangeTool implements Command
{
    public function __construct(public string $id, public int $version, public ToolForm $tool)
    {
    }
}
