<?php

/** Notes what was measured; two people measuring different things both keep theirs. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<NoteMeasures> */
final readonly class NoteMeasuresHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $this->manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
        $given = $command->measures->given();
        $before = $dog->measures;
        $dog->measures = array_merge($before, $given);
        if ($dog->measures === $before) {
            return new Outcome();
        }
        $words = array_map(static fn (string $n): string => strtr($n, ['_mm' => '', '_' => ' ']), array_keys($given));

        return new Outcome(
            entries: [new Entry($dog, 'dog', (string) $dog->id, 'measured: '.implode(', ', $words))],
        );
    }
}
