<?php

/** A sealed copy of a dog's history was handed out: the log has it. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Command\Command;

final readonly class CopyTaken implements Command
{
    public function __construct(public string $dog)
    {
    }
}
