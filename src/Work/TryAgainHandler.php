<?php

/** Tries a job again from where it stopped. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Staff\Actor;

/** @implements Handler<TryAgain> */
final readonly class TryAgainHandler implements Handler
{
    public function __construct(private Jobs $jobs)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $this->jobs->again($actor, $command->job);

        return new Outcome();
    }
}
