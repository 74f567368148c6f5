<?php

/** Says what a dog has come for: minutes, price and the order of an open groom follow. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use Symfony\Contracts\EventDispatcher\EventDispatcherInterface;

/** @implements Handler<ChangeKind> */
final readonly class ChangeKindHandler implements Handler
{
    public function __construct(private ArrivalRows $rows, private EventDispatcherInterface $events)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $arrival = $this->rows->arrival($actor, $command->arrival);
        if ($arrival->kind === $command->kind) {
            return new Outcome();
        }
        $arrival->kind = $command->kind;
        $this->events->dispatch(new ArrivalChanged($arrival, $actor));
        $words = 'came for: '.$command->kind->words();

        return new Outcome(entries: [new Entry($arrival->dog, 'arrival', (string) $arrival->id, $words)]);
    }
}
