<?php

/** Where a programme is told of changes, from now on. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Command;

final readonly class TellIntegration implements Command
{
    public function __construct(public string $integration, public string $tell)
    {
    }
}
