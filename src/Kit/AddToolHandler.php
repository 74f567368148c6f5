<?php

/** Takes a tool into the kit, and retires the one whose place it takes. */

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

/** @implements Handler<AddTool> */
final readonly class AddToolHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Keepers $keepers,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $new = $command->tool;
        $item = new KitItem(
            Uuid::v7(),
            $this->scope->get($actor, Place::class, $new->place, $this->manager, 'place'),
            $new->kind,
            trim($new->label),
            $new->nominalUm(),
        );
        $item->keeper = $this->keepers->of($actor, $new->keeper);
        $item->note = trim($new->note);
        $this->manager->persist($item);
        $old = $new->replaces ?? '';
        if ('' !== $old) {
            $this->scope->get($actor, KitItem::class, $old, $this->manager, 'tool')->active = false;
        }
        $words = \sprintf(
            '%s, %s: new in the kit%s',
            $item->label,
            $item->place->name,
            '' === $old ? '' : ' in another one\'s place',
        );

        return new Outcome(
            ['item' => (string) $item->id],
            [new Entry(null, 'kit', (string) $item->id, $words)],
            allCards: true,
        );
    }
}
