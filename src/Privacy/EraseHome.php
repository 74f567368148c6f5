<?php

/** A home asks to be forgotten. */

declare(strict_types=1);

namespace KeenThistle\Privacy;

use KeenThistle\Command\Command;

final readonly class EraseHome implements Command
{
    public function __construct(public string $home, public string $asked)
    {
    }
}
