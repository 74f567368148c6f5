<?php

/** A reaction was written down by mistake, or a vet has cleared it. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Command\Command;

final readonly class ClearReaction implements Command
{
    public function __construct(public string $dog, public string $reaction)
    {
    }
}
