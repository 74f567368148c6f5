<?php

/** Use case: change zones of one dog's plan together, keeping what others changed. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\LostRace;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Problem;
use KeenThistle\Log\Change;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Recipe\RecipeArray;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;

/** @phpstan-import-type Wish from ZoneStore */
final readonly class ChangePlan
{
    public function __construct(private Plans $plans, private ZoneStore $store, private ChangeRecorder $log)
    {
    }

    /**
     * @param array<string, Wish> $wishes by zone
     * @param int|null $revision what the plan was when the wish was made, where all of it matters
     * @param array<string, string> $summaries by zone, for the log where it is not what the recipes say
     *
     * @return array{revision: int, zones: array<string, array{version: int, change: string|null}>} change: id in the
     *     log, null where nothing changed
     *
     * @throws Problem 412 with the other person's recipe when a zone has changed since
     */
    public function __invoke(
        Actor $actor,
        EntityManagerInterface $manager,
        Dog $dog,
        array $wishes,
        ?int $revision = null,
        array $summaries = [],
    ): array {
        [$now, $plan] = $this->plans->of($actor, $dog);
        if (null !== $revision && $now !== $revision) {
            throw LostRace::rows('trim_plan', 1, 0);
        }
        $done = $changes = [];
        foreach ($wishes as $zone => $wish) {
            $there = $plan[$zone] ?? ['version' => 0, 'recipe' => new ZoneRecipe()];
            if ($there['version'] !== $wish['version']) {
                throw $this->stale($manager, $dog, Zone::of($zone), $there, $wish['recipe']);
            }
            $done[$zone] = ['version' => $wish['version'], 'change' => null];
            if (!$there['recipe']->equals($wish['recipe'])) {
                $changes[$zone] = $wish;
            }
        }
        if ([] === $changes) {
            return ['revision' => $now, 'zones' => $done];
        }
        $now = $this->store->change($actor, $dog->id, $changes, $revision);
        $entries = [];
        foreach ($changes as $zone => $wish) {
            $before = $plan[$zone]['recipe'] ?? new ZoneRecipe();
            $entries[$zone] = [
                'summary' => $summaries[$zone] ?? self::summary(Zone::of($zone), $before, $wish['recipe']),
                'before' => RecipeArray::of($before),
                'after' => RecipeArray::of($wish['recipe']),
            ];
        }
        foreach ($this->log->several($actor, $manager, $dog, 'plan_zone', $entries, $now) as $zone => $id) {
            $done[$zone] = ['version' => $changes[$zone]['version'] + 1, 'change' => $id];
        }
        $this->log->touch($manager, $dog);

        return ['revision' => $now, 'zones' => $done];
    }

    private static function summary(Zone $zone, ZoneRecipe $before, ZoneRecipe $after): string
    {
        return match (true) {
            null === $before->method => \sprintf('%s: %s', $zone->label, $after->words()),
            null === $after->method => \sprintf('%s: taken out of the plan (was %s)', $zone->label, $before->words()),
            $before->words() === $after->words() => \sprintf('%s: details (%s)', $zone->label, $after->words()),
            default => \sprintf('%s: %s → %s', $zone->label, $before->words(), $after->words()),
        };
    }

    /** @param Wish $there */
    private function stale(
        EntityManagerInterface $manager,
        Dog $dog,
        Zone $zone,
        array $there,
        ZoneRecipe $mine,
    ): Problem {
        $last = $manager
            ->createQuery(
                'SELECT c, s FROM '.
                    Change::class.
                    " c JOIN c.staff s WHERE c.dog = :dog AND c.kind = 'plan_zone' AND c.subject = :zone ORDER ".
                    'BY c.id DESC',
            )
            ->setParameter('dog', $dog->id, 'uuid')
            ->setParameter('zone', $zone->id)
            ->setMaxResults(1)
            ->getOneOrNullResult();
        $who = $last instanceof Change ? $last->staff->name : 'Somebody';

        return Problem::stale(\sprintf('%s changed the %s meanwhile. Choose which recipe stays.', $who, $zone->label), [
            'zone' => $zone->id,
            'theirs' => 0 === $there['version'] ? null : RecipeView::of($there['recipe']),
            'yours' => RecipeView::of($mine),
            'version' => $there['version'],
            'changed_by' => $who,
            'changed_at' => $last instanceof Change ? $last->at->format('Y-m-d\TH:i:s\Z') : null,
        ]);
    }
}
