<?php

/** Let a card follow no pattern any more; its plan stays. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class LeavePattern implements Command
{
    public function __construct(public string $dog)
    {
    }
}
