<?php

/** Keeps a hands-on check. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use Symfony\Contracts\EventDispatcher\EventDispatcherInterface;

/** @implements Handler<KeepCheck> */
final readonly class KeepCheckHandler implements Handler
{
    public function __construct(private ArrivalRows $rows, private EventDispatcherInterface $events)
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
        $this->events->dispatch(new ArrivalChanged($arrival, $actor));

        return new Outcome();
    }
}
