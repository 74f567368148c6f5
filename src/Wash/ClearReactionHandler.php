<?php

/** Takes a reaction off the card. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<ClearReaction> */
final readonly class ClearReactionHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $this->manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
        $left = array_values(
            array_filter($dog->reactions, static fn (array $r): bool => $r['id'] !== $command->reaction),
        );
        if (\count($left) === \count($dog->reactions)) {
            throw Refused::notFound('reaction');
        }
        $dog->reactions = $left;

        return new Outcome(
            entries: [new Entry($dog, 'reaction', $command->reaction, 'a reaction taken off the card')],
        );
    }
}
