<?php

/** Moves a tool, gives it to somebody, retires it, or takes it back into use. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<ChangeTool> */
final readonly class ChangeToolHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Keepers $keepers,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $item = $this->scope->get($actor, KitItem::class, $command->id, $this->manager, 'tool');
        if ($item->version !== $command->version) {
            throw Refused::stale('Somebody changed this tool meanwhile.', ['version' => $item->version]);
        }
        $was = self::where($item);
        $item->place = $this->scope->get($actor, Place::class, $command->tool->place, $this->manager, 'place');
        $item->keeper = $this->keepers->of($actor, $command->tool->keeper);
        $item->note = trim($command->tool->note);
        $item->active = $command->tool->active;
        $words = match (true) {
            $was['active'] && !$item->active => "$item->label retired",
            !$was['active'] && $item->active => "$item->label back in use",
            default => \sprintf(
                '%s: lives %s',
                $item->label,
                null === $item->keeper ? 'in '.$item->place->name : 'with '.$item->keeper->name,
            ),
        };

        return new Outcome(
            entries: [new Entry(null, 'kit', (string) $item->id, $words, $was, self::where($item))],
            allCards: true,
        );
    }

    /** @return array{place: string, keeper: string|null, active: bool} */
    private static function where(KitItem $item): array
    {
        return ['place' => $item->place->name, 'keeper' => $item->keeper?->name, 'active' => $item->active];
    }
}
