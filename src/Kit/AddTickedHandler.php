<?php

/** Takes what was ticked into the kit of a place, all of it or none; what is there already is not there twice. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<AddTicked> */
final readonly class AddTickedHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $ticked = $command->ticked;
        $place = $this->scope->get($actor, Place::class, $ticked->place, $this->manager, 'place');
        $there = array_map(
            static fn (KitItem $i): string => "$i->kind $i->label",
            $this->manager->getRepository(KitItem::class)->findBy(['place' => $place, 'active' => true]),
        );
        $new = 0;
        foreach (array_unique($ticked->tools) as $i => $id) {
            $tool = Catalogue::tool($id, $ticked->place, "tools[$i]");
            if (\in_array("$tool->kind $tool->label", $there, true)) {
                continue;
            }
            $this->manager->persist(
                new KitItem(Uuid::v7(), $place, $tool->kind, $tool->label, $tool->nominalUm()),
            );
            ++$new;
        }
        if (0 === $new) {
            return new Outcome();
        }
        $words = "$place->name: $new ".(1 === $new ? 'tool' : 'tools').' ticked into the kit';

        return new Outcome(entries: [new Entry(null, 'kit', (string) $place->id, $words)], allCards: true);
    }
}
