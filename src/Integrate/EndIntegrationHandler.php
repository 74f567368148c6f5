<?php

/** Ends a programme's token at once; what it was told stays to be seen. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;

/** @implements Handler<EndIntegration> */
final readonly class EndIntegrationHandler implements Handler
{
    public function __construct(private Integrations $integrations)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $one = $this->integrations->get($actor, $command->integration);
        if (!$this->integrations->end($one->id)) {
            return new Outcome();
        }

        return new Outcome(
            entries: [new Entry(null, 'connect', $one->id, "the programme \"$one->name\" is let in no more")],
        );
    }
}
