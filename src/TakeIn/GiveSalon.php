<?php

/** The file of a whole salon is given, to be taken in by the worker. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;

final readonly class GiveSalon implements Command
{
    public function __construct(public string $bytes)
    {
    }
}
