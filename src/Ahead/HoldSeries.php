<?php

/** Hold visits ahead. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Command\Command;

final readonly class HoldSeries implements Command
{
    public function __construct(public string $dog, public SeriesForm $series)
    {
    }
}
