<?php

/** Lets a card go its own way. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dogs;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;

/** @implements Handler<LeavePattern> */
final readonly class LeavePatternHandler implements Handler
{
    public function __construct(private Dogs $dogs, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->dogs->get($actor, $command->dog);
        $follow = $this->manager->getRepository(Follow::class)->findOneBy(['dog' => $dog]);
        if (null === $follow) {
            return new Outcome();
        }
        $this->manager->remove($follow);
        $pattern = $follow->pattern;

        return new Outcome(
            entries: [new Entry($dog, 'pattern', (string) $pattern->id, "no longer follows $pattern->name")],
        );
    }
}
