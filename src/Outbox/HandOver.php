<?php

/** Goes through the queue: a message is to be handed over to the sender. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

final readonly class HandOver
{
    public function __construct(public string $message)
    {
    }
}
