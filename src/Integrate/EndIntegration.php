<?php

/** A programme is let in no more. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Command;

final readonly class EndIntegration implements Command
{
    public function __construct(public string $integration)
    {
    }
}
