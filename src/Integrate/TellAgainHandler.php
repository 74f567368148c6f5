<?php

/** Puts a delivery back into the queue that was not taken. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;

/** @implements Handler<TellAgain> */
final readonly class TellAgainHandler implements Handler
{
    public function __construct(private Deliveries $deliveries)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $this->deliveries->again($actor, $command->delivery);

        return new Outcome(entries: [new Entry(null, 'connect', $command->delivery, 'a programme is told again')]);
    }
}
