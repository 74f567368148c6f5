<?php

/** Mix: bottles with their labels, the concentrate taken from the stock. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Command\Command;

final readonly class MixBottles implements Command
{
    public function __construct(public MixForm $mix)
    {
    }
}
