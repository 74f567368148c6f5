<?php

/** Takes a message to an owner. What ships is a stand-in that sends nothing; a real one implements this. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

interface Sender
{
    /**
     * The same id again is the same message: it goes out once, and is answered as it was the first time. A real one
     * hands the id on as the reference of the message, and waits a few seconds for an answer at most.
     *
     * @param string $to telephone number or mail address
     *
     * @return Receipt a refusal of this message for good is in it
     *
     * @throws SenderDown where nobody answers: it may have gone out or not, and is tried again
     */
    public function send(string $id, string $to, string $text): Receipt;
}
