<?php

/** Do not charge what house terms ask for a visit. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Command\Command;

final readonly class LetGo implements Command
{
    /** @param string $booking its id */
    public function __construct(public string $booking, public int $version, public string $why)
    {
    }
}
