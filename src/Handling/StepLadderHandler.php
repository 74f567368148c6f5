<?php

/** Writes down how a step of the ladder went today. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<StepLadder> */
final readonly class StepLadderHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $tool = $command->tool;
        if (
            null ===
            $this->manager->getRepository(HandlingRecord::class)->findOneBy(['dog' => $dog, 'tool' => $tool])
        ) {
            $this->manager->persist(new HandlingRecord(Uuid::v7(), $dog, $tool));
        }
        $who = $this->scope->person($actor);
        $this->manager->persist(
            new LadderEntry(
                id: Uuid::v7(),
                dog: $dog,
                staff: $who,
                place: $who->place,
                tool: $tool,
                rung: $command->step->rung,
                calm: $command->step->calm,
                day: $this->scope->today($actor),
            ),
        );
        $words = \sprintf(
            '%s: %s, %s',
            $tool->label(),
            $command->step->rung->words(),
            $command->step->calm ? 'calm' : 'afraid',
        );

        return new Outcome(entries: [new Entry($dog, 'handling', $tool->value, $words)]);
    }
}
