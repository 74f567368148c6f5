<?php

/** Do one step of a job. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Command\Command;

final readonly class StepJob implements Command
{
    public function __construct(public string $job, public int $step)
    {
    }
}
