<?php

/** Changes zones of a dog's plan. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<ChangeZones> */
final readonly class ChangeZonesHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private ZoneChanges $changes,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $done = $this->changes->make($actor, $dog, $command->wishes);

        return new Outcome($done->kept(array_keys($command->wishes)), array_values($done->entries));
    }
}
