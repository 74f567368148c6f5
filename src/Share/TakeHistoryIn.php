<?php

/** A sealed copy that a dog has brought along is kept with it. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Command\Command;

final readonly class TakeHistoryIn implements Command
{
    public function __construct(public string $dog, public string $bytes)
    {
    }
}
