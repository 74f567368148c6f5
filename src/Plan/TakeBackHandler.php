<?php

/** Takes changes of a plan back, as long as nobody has changed the zones again since. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Change;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<TakeBack> */
final readonly class TakeBackHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private ZoneChanges $changes,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $changes = array_map(
            fn (string $id): Change => $this->scope->get($actor, Change::class, $id, $this->manager, 'change'),
            $command->changes,
        );
        $dog = $changes[0]->dog;
        $plan = $dog instanceof Dog ? $this->plans->of($actor, $dog)[1] : [];
        $wishes = $bySubject = [];
        foreach ($changes as $change) {
            if ('plan_zone' !== $change->kind || null === $change->before || null === $change->after) {
                throw Refused::conflict('Only changes of a trim plan can be taken back here.');
            }
            if ($change->dog !== $dog || isset($wishes[$change->subject])) {
                throw Refused::conflict('These changes were not made together: take them back one by one.');
            }
            if (null !== $change->undoneBy) {
                throw Refused::conflict('This change has been taken back already.');
            }
            $wishes[$change->subject] = self::asBefore($change, $plan[$change->subject] ?? null);
            $bySubject[$change->subject] = $change;
        }
        \assert($dog instanceof Dog);
        $done = $this->changes->make($actor, $dog, $wishes);
        $entries = [];
        foreach ($done->entries as $zone => $entry) {
            $entries[] = $entry->takingBack($bySubject[$zone]->id, 'taken back: '.$bySubject[$zone]->summary);
        }

        return new Outcome(
            $done->kept(array_keys($wishes)) + ['version' => $wishes[$changes[0]->subject]['version']],
            $entries,
        );
    }

    /**
     * @param array{version: int, recipe: ZoneRecipe}|null $there
     *
     * @return array{version: int, recipe: ZoneRecipe}
     *
     * @throws Refused 412 when somebody changed the zone again since
     */
    private static function asBefore(Change $change, ?array $there): array
    {
        $before = RecipeCodec::fromArray($change->before ?? []);
        if (null === $there || !$there['recipe']->equals(RecipeCodec::fromArray($change->after ?? []))) {
            throw Refused::stale(
                'This zone was changed again since. Take the later change back first, or change the zone on the card.',
                [
                    'zone' => $change->subject,
                    'theirs' => null === $there ? null : RecipeView::of($there['recipe']),
                    'yours' => RecipeView::of($before),
                    'version' => $there['version'] ?? 0,
                ],
            );
        }

        return ['version' => $there['version'], 'recipe' => $before];
    }
}
