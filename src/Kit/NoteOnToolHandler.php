<?php

/** Writes down what happened to a tool; its heat is read from the probe where none is given. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Wear\CareTable;
use KeenThistle\Device\Thermometer;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<NoteOnTool> */
final readonly class NoteOnToolHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private ToolLog $toolLog,
        private Thermometer $thermometer,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $in = $command->entry;
        $item = $this->scope->get($actor, KitItem::class, $command->tool, $this->manager, 'tool');
        if (!CareTable::has($item->kind, $in->kind)) {
            throw InvalidInput::at(
                'kind',
                \sprintf(
                    'is not written down for %s; allowed: %s',
                    str_replace('_', ' ', $item->kind),
                    implode(', ', CareTable::of($item->kind)),
                ),
            );
        }
        $entry = new ToolEntry(Uuid::v7(), $item, $this->scope->person($actor), $in->kind, $this->clock->now());
        if ('run' === $in->kind) {
            $entry->minutes = $in->minutes ?? throw InvalidInput::missing('minutes', 'how long it ran');
            $entry->dirt = $in->dirt;
        }
        if ('heat' === $in->kind) {
            $ran = $this->toolLog->ranToday($actor, $command->tool);
            $entry->celsius = $in->celsius ?? $this->thermometer->read($item->label, $ran);
        }
        $dog = $in->dog ?? '';
        $entry->dog = '' === $dog ? null : $this->scope->get($actor, Dog::class, $dog, $this->manager, 'dog');
        $this->manager->persist($entry);
        $words = \sprintf(
            '%s: %s%s',
            $item->label,
            str_replace('_', ' ', $in->kind),
            null === $entry->celsius ? '' : " $entry->celsius °C",
        );

        return new Outcome(
            ['entry' => (string) $entry->id, 'celsius' => $entry->celsius],
            [new Entry(null, 'kit', (string) $item->id, $words)],
        );
    }
}
