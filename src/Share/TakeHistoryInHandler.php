<?php

/** Keeps a sealed copy with the dog that brought it, once it is looked through. */

declare(strict_types=1);

namespace KeenThistle\Share;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<TakeHistoryIn> */
final readonly class TakeHistoryInHandler implements Handler
{
    private const MOST = 10;

    public function __construct(
        private Scope $scope,
        private Asks $asks,
        private HistoryFile $file,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused for more than a dog can have */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $history = $this->file->read($command->bytes);
        $files = array_filter($this->asks->by($actor, $dog), static fn (array $a): bool => 'file' === $a['state']);
        if (\count($files) >= self::MOST) {
            throw Refused::conflict('This dog has ten histories from elsewhere already.');
        }
        $id = $this->asks->keep($actor, $dog, $history->salon, $command->bytes);
        $said = "a sealed copy from $history->salon was taken in";

        return new Outcome(['ask' => $id], [new Entry($dog, 'history', $id, $said)]);
    }
}
