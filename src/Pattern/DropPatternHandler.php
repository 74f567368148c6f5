<?php

/** Drops a pattern that no card follows. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<DropPattern> */
final readonly class DropPatternHandler implements Handler
{
    public function __construct(
        private PatternRows $rows,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $pattern = $this->scope->get($actor, Pattern::class, $command->pattern, $this->manager, 'pattern');
        $followers = \count($this->rows->followers($actor, $pattern));
        if ($followers > 0) {
            throw Refused::conflict(
                \sprintf(
                    '%s this pattern: let them go first. Their plans stay as they are.',
                    1 === $followers ? 'One card follows' : "$followers cards follow",
                ),
            );
        }
        $this->manager->remove($pattern);
        $words = "house pattern $pattern->name dropped";

        return new Outcome(
            entries: [new Entry(null, 'pattern', (string) $pattern->id, $words, ['line' => $pattern->line])],
        );
    }
}
