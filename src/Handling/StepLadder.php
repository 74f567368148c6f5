<?php

/** A step of the acclimatising ladder was tried today. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use KeenThistle\Command\Command;
use KeenThistle\Core\Handling\Tool;

final readonly class StepLadder implements Command
{
    public function __construct(public string $dog, public Tool $tool, public LadderForm $step)
    {
    }
}
