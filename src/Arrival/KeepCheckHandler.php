<?php

/** Keeps a hands-on check. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;

/** @implements Handler<KeepCheck> */
final readonly class KeepCheckHandler implements Handler
{
    public function __construct(private ArrivalRows $rows)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $arrival = $this->rows->arrival($actor, $command->arrival);
        if ($arrival->checkVersion !== $command->version) {
            throw Refused::stale('Somebody else changed this check meanwhile.', [
                'theirs' => $arrival->handsOn,
                'version' => $arrival->checkVersion,
            ]);
        }
        $arrival->handsOn = $command->check;
        ++$arrival->checkVersion;

        return new Outcome();
    }
}
