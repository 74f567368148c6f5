<?php

/** Open today's arrival of a dog, or go on with it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;

final readonly class OpenArrival implements Command
{
    public function __construct(public string $dog)
    {
    }
}
