<?php

/** Sends a one-time link to whom it is for. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Outbox\Message;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;

final readonly class Letters
{
    public function __construct(private Outbox $outbox, private OneTimeLinks $links, private ClockInterface $clock)
    {
    }

    /** Inside a handler only; nothing is sent where no address is known. */
    public function send(OneTimeLink $link, Staff $by, string $words, string $address): void
    {
        if ('' === $link->to) {
            return;
        }
        $until = $link->untilAt->setTimezone(new \DateTimeZone($by->salon->timeZone))->format('j M Y, H:i');
        $text = "$words Open this once, until $until: $address".$this->links->path($link);
        $this->outbox->post(new Message(null, null, $by, $this->clock->now(), $link->kind, $link->to, $text));
    }
}
