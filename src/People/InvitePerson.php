<?php

/** Invite somebody to join the salon. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Command\Command;

final readonly class InvitePerson implements Command
{
    /** @param string $address of the salon's pages, for the link in the message */
    public function __construct(public Invite $invite, public string $address)
    {
    }
}
