<?php

/** Stands in for a message service: takes everything that has an address, sends nothing anywhere. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

final readonly class SimulatedSender implements Sender
{
    public function send(string $to, string $text): Receipt
    {
        return '' === trim($to)
            ? new Receipt(false, 'no number or address on the card')
            : new Receipt(true, 'simulated: kept in the outbox, sent nowhere');
    }
}
