<?php

/** A programme is told again what it did not take. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Command;

final readonly class TellAgain implements Command
{
    public function __construct(public string $delivery)
    {
    }
}
