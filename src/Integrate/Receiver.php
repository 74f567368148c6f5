<?php

/** Takes what a programme is told to its address. What ships is a stand-in; a real one sends it over TLS. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Outbox\Receipt;
use KeenThistle\Outbox\SenderDown;

interface Receiver
{
    /**
     * The same id again is the same delivery. A real one POSTs the body as it is, with the signature as
     * Thistle-Signature and the id as Thistle-Delivery, follows no redirect, resolves the name once and never to an
     * address of the own network, and takes an answer of 2xx as taken.
     *
     * @throws SenderDown where nobody answers: it is tried again
     */
    public function give(string $id, string $address, string $body, string $signature): Receipt;
}
