<?php

/** Take back the link to a home-care sheet. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use KeenThistle\Command\Command;

final readonly class CloseCareLink implements Command
{
    public function __construct(public string $groom)
    {
    }
}
