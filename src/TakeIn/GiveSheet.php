<?php

/** A sheet is given, to be looked at before anything of it is taken in. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;

final readonly class GiveSheet implements Command
{
    public function __construct(public string $name, public string $bytes)
    {
    }
}
