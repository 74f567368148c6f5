<?php

/** Notes that a sealed copy of a dog's history was handed out. */

declare(strict_types=1);

namespace KeenThistle\Share;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<CopyTaken> */
final readonly class CopyTakenHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $said = 'a sealed copy of its history was handed out';

        return new Outcome(entries: [new Entry($dog, 'history', (string) $dog->id, $said)]);
    }
}
