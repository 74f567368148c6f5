<?php

/** Try a job again that had failed. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Command\Command;

final readonly class TryAgain implements Command
{
    public function __construct(public string $job)
    {
    }
}
