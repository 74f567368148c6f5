<?php

/** Looks at the next cards; two who go on with it do so one after the other. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Command\Progress;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<DeriveNext> */
final readonly class DeriveNextHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Derive $derive,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $derivation = $this->scope->get($actor, Derivation::class, $command->derivation, $this->manager, 'measurement');
        $this->manager->refresh($derivation, LockMode::PESSIMISTIC_WRITE);
        $before = $derivation->done;
        $this->derive->step($actor, $this->manager, $derivation);

        return new Outcome(
            progress: new Progress($derivation->done - $before, null === $derivation->finishedAt ? $command : null),
        );
    }
}
