<?php

/** Save a plan as a pattern of the house. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class SavePattern implements Command
{
    public function __construct(public NewPattern $pattern)
    {
    }
}
