<?php

/** Another salon is asked for what it knows of a dog. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Command\Command;

final readonly class AskHistory implements Command
{
    public function __construct(public string $dog, public string $salon)
    {
    }
}
