<?php

/** Takes a dog off the waiting list. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<WaitNoMore> */
final readonly class WaitNoMoreHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $waiting = $this->scope->get($actor, WaitingDog::class, $command->waiting, $this->manager, 'waiting dog');
        $this->manager->remove($waiting);

        return new Outcome(entries: [
            new Entry($waiting->dog, 'booking', (string) $waiting->id, 'waits for a place no more'),
        ]);
    }
}
