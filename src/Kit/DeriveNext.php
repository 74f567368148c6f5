<?php

/** Look at the next cards that a measurement may have changed. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Command\Command;

final readonly class DeriveNext implements Command
{
    public function __construct(public string $derivation)
    {
    }
}
