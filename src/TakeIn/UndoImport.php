<?php

/** Take a whole import out of the book again. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;

final readonly class UndoImport implements Command
{
    public function __construct(public string $import)
    {
    }
}
