<?php

/** Hand somebody a link by which they choose a new password. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Command\Command;

final readonly class ResetPassword implements Command
{
    /** @param string $address of the salon's pages, for the link in the message */
    public function __construct(public string $person, public string $address)
    {
    }
}
