<?php

/** Begins to take back, card by card behind the scenes, what a change of a pattern did. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Change;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Work\Jobs;

/** @implements Handler<UndoSpread> */
final readonly class UndoSpreadHandler implements Handler
{
    public function __construct(
        private SpreadRows $spread,
        private Jobs $jobs,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dogs = $this->spread->dogs($actor, $command->change);
        if ([] === $dogs) {
            return new Outcome();
        }
        $change = $this->scope->get($actor, Change::class, $command->change, $this->manager, 'change');
        if ($change->subject !== $command->pattern) {
            throw Refused::notFound('change');
        }
        $this->jobs->begin(
            $actor,
            new TakeSpreadBack($command->pattern, $command->change, $dogs),
            $command->pattern,
            "taken back on the cards: $change->summary",
            \count($dogs),
        );

        return new Outcome();
    }
}
