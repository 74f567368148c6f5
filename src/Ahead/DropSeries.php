<?php

/** Give up what is still to come of a series. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Command\Command;

final readonly class DropSeries implements Command
{
    public function __construct(public string $series)
    {
    }
}
