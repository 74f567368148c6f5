<?php

/** Take in the next rows of a sheet. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;

final readonly class TakeRowsIn implements Command
{
    /** @param int $from how many are in already */
    public function __construct(public string $import, public int $from = 0)
    {
    }
}
