<?php

/** Open today's arrival of a dog, or go on with it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;

final readonly class OpenArrival implements Command, MayComeLate
{
    /** @param string|null $as the id a device gave it while it had no signal */
    public function __construct(public string $dog, public ?string $as = null)
    {
    }
}
