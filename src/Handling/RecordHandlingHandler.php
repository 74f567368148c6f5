<?php

/** Writes down how a dog bears a tool. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<RecordHandling> */
final readonly class RecordHandlingHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $tool = $command->tool;
        $record = $this->manager->getRepository(HandlingRecord::class)->findOneBy(['dog' => $dog, 'tool' => $tool]);
        $version = $record->version ?? 0;
        if ($version !== $command->version) {
            throw Refused::stale('Somebody changed this record meanwhile.', ['version' => $version]);
        }
        if (null === $record) {
            $record = new HandlingRecord(Uuid::v7(), $dog, $tool);
            $this->manager->persist($record);
        }
        $command->form->into($record);
        $words = \sprintf('%s: bears it %d of 5', $tool->label(), $record->tolerance);

        return new Outcome(entries: [new Entry($dog, 'handling', $tool->value, $words)]);
    }
}
