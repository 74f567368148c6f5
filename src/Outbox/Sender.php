<?php

/** Takes a message to an owner. What ships is a stand-in that sends nothing; a real one implements this. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

interface Sender
{
    /** @param string $to telephone number or mail address. Never throws for a refusal: that is in the receipt. */
    public function send(string $to, string $text): Receipt;
}
