<?php

/** Take a whole salon in from its file. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;

final readonly class TakeSalonIn implements Command
{
    /** @param string $file on this server; a zip as it is taken along, or its salon.json */
    public function __construct(public string $file)
    {
    }
}
