<?php

/** Takes an entry of a tool's life back. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<TakeEntryBack> */
final readonly class TakeEntryBackHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $entry = $this->scope->get($actor, ToolEntry::class, $command->entry, $this->manager, 'entry');
        $this->manager->remove($entry);
        $words = \sprintf('%s: %s taken back', $entry->item->label, str_replace('_', ' ', $entry->kind));

        return new Outcome(entries: [new Entry(null, 'kit', (string) $entry->item->id, $words)]);
    }
}
