<?php

/** Take an invitation, or a link for a new password, back. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Command\Command;

final readonly class TakeLinkBack implements Command
{
    public function __construct(public string $link)
    {
    }
}
