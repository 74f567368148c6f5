<?php

/** Notes a reaction on the dog; two people noting at once both keep theirs. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<NoteReaction> */
final readonly class NoteReactionHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $this->manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
        $product = $this->scope->get($actor, Product::class, $command->reaction->product, $this->manager, 'product');
        $what = trim($command->reaction->what);
        $dog->reactions = [
            ...$dog->reactions,
            [
                'id' => (string) Uuid::v7(),
                'product' => (string) $product->id,
                'name' => $product->name,
                'what' => $what,
                'on' => $this->scope->today($actor)->format('Y-m-d'),
                'who' => $this->scope->person($actor)->name,
            ],
        ];
        $words = \sprintf('reaction to %s: %s', $product->name, $what);

        return new Outcome(entries: [new Entry($dog, 'reaction', (string) $product->id, $words)]);
    }
}
