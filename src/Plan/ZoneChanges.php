<?php

/** Changes zones of one dog's plan together, keeping what others changed; what more than one command does. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Log\Change;
use KeenThistle\Log\Entry;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\LostRace;
use KeenThistle\Staff\Actor;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type Wish from ZoneStore */
final readonly class ZoneChanges
{
    public function __construct(private Plans $plans, private ZoneStore $store, private EntityManagerInterface $manager)
    {
    }

    /**
     * @param array<string, Wish> $wishes by zone
     * @param int|null $revision what the plan was when the wish was made, where all of it matters
     *
     * @throws Refused 412 with the other person's recipe when a zone has changed since
     */
    public function make(Actor $actor, Dog $dog, array $wishes, ?int $revision = null): ChangedPlan
    {
        [$now, $plan] = $this->plans->of($actor, $dog);
        if (null !== $revision && $now !== $revision) {
            throw LostRace::rows('trim_plan', 1, 0);
        }
        // A pattern of the house knows of all zones; of those it has not, nothing is kept.
        $there = array_diff_key($wishes, array_flip($dog->absentZones()));
        if ([] === $there && [] !== $wishes) {
            throw InvalidInput::at('zone', Zone::of((string) key($wishes))->label." is not there: $dog->name has none");
        }
        $changes = [];
        foreach ($there as $zone => $wish) {
            $is = $plan[$zone] ?? ['version' => 0, 'recipe' => new ZoneRecipe()];
            if ($is['version'] !== $wish['version']) {
                throw $this->stale($dog, Zone::of($zone), $is, $wish['recipe']);
            }
            if (!$is['recipe']->equals($wish['recipe'])) {
                $changes[$zone] = $wish;
            }
        }
        if ([] === $changes) {
            return new ChangedPlan($now, []);
        }
        $before = array_map(static fn (array $p): ZoneRecipe => $p['recipe'], $plan);
        $done = $this->write($actor, [['dog' => $dog, 'wishes' => $changes, 'before' => $before]], $revision);

        return $done[(string) $dog->id];
    }

    /**
     * Many dogs at once, in the same few statements; each wish names the version that was read.
     *
     * @param list<array{dog: Dog, wishes: array<string, Wish>, before: array<string, ZoneRecipe>}> $dogs
     * @param Uuid|null $partOf the change they are all part of
     *
     * @return array<string, ChangedPlan> by id of the dog
     *
     * @throws LostRace where one of them is not as it was read: then nothing may be kept
     */
    public function write(Actor $actor, array $dogs, ?int $revision = null, ?Uuid $partOf = null): array
    {
        $plans = [];
        foreach ($dogs as $one) {
            if ([] !== $one['wishes']) {
                $plans[(string) $one['dog']->id] = $one['wishes'];
            }
        }
        $revisions = [] === $plans ? [] : $this->store->change($actor, $plans, $revision);
        $out = [];
        foreach ($dogs as $one) {
            $now = $revisions[(string) $one['dog']->id] ?? 0;
            $entries = [];
            foreach ($one['wishes'] as $zone => $wish) {
                $before = $one['before'][$zone] ?? new ZoneRecipe();
                $entries[$zone] = new Entry(
                    dog: $one['dog'],
                    kind: 'plan_zone',
                    subject: $zone,
                    summary: self::summary(Zone::of($zone), $before, $wish['recipe']),
                    before: RecipeCodec::toArray($before),
                    after: RecipeCodec::toArray($wish['recipe']),
                    revision: $now,
                    partOf: $partOf,
                );
            }
            $out[(string) $one['dog']->id] = new ChangedPlan($now, $entries);
        }

        return $out;
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
    private function stale(Dog $dog, Zone $zone, array $there, ZoneRecipe $mine): Refused
    {
        $last = $this->manager
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

        return Refused::stale(\sprintf('%s changed the %s meanwhile. Choose which recipe stays.', $who, $zone->label), [
            'zone' => $zone->id,
            'theirs' => 0 === $there['version'] ? null : RecipeView::of($there['recipe']),
            'yours' => RecipeView::of($mine),
            'version' => $there['version'],
            'changed_by' => $who,
            'changed_at' => $last instanceof Change ? $last->at->format('Y-m-d\TH:i:s\Z') : null,
        ]);
    }
}
