<?php

/** Send a message again that did not go out. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use KeenThistle\Command\Command;

final readonly class SendAgain implements Command
{
    public function __construct(public string $message)
    {
    }
}
