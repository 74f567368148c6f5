<?php

/** Keeps a comb test, with the load that follows from it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use Symfony\Contracts\EventDispatcher\EventDispatcherInterface;

/** @implements Handler<KeepCombTest> */
final readonly class KeepCombTestHandler implements Handler
{
    public function __construct(
        private ArrivalRows $rows,
        private ArrivalAnswers $answers,
        private EventDispatcherInterface $events,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $arrival = $this->rows->arrival($actor, $command->arrival);
        if ($arrival->combVersion !== $command->version) {
            throw Refused::stale('Somebody else changed this comb test meanwhile.', [
                'theirs' => $arrival->comb,
                'version' => $arrival->combVersion,
            ]);
        }
        $arrival->comb = $command->comb;
        $arrival->choice = $command->choice ?? $arrival->choice;
        ++$arrival->combVersion;
        $view = $this->answers->comb($actor, $arrival);
        $arrival->load = $view->load;
        $arrival->choice = $view->choice;
        $this->events->dispatch(new ArrivalChanged($arrival, $actor));

        return new Outcome(inHand: $view);
    }
}
