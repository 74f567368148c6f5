<?php

/** Use case: change one zone of a plan, keeping what others changed. */

declare(strict_types=1);

namespace KeenThistle\Card;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Problem;
use KeenThistle\Log\Change;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Salon\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class ChangePlanZone
{
    public function __construct(private Scope $scope, private ChangeRecorder $log)
    {
    }

    /**
     * @param int $version the zone's version this change was made from; 0 for a zone never planned
     * @param string|null $summary for the log; null: what the recipe says
     *
     * @throws Problem 412 with the other person's recipe when the zone has changed since
     */
    public function __invoke(EntityManagerInterface $manager, string $dogId, Zone $zone, int $version, ZoneRecipe $recipe, ?string $summary = null): ZoneChangedView
    {
        $dog = $this->scope->get(Dog::class, $dogId, $manager, 'dog');
        // The plan's row is locked first, so that changes to one dog come one after the other.
        $plan = $manager->createQuery('SELECT p FROM '.TrimPlan::class.' p WHERE p.dog = :dog')->setParameter('dog', $dog->id, 'uuid')->setLockMode(LockMode::PESSIMISTIC_WRITE)->getOneOrNullResult();
        if (!$plan instanceof TrimPlan) {
            throw Problem::notFound('plan');
        }
        $row = $manager->getRepository(PlanZone::class)->findOneBy(['plan' => $plan, 'zone' => $zone->id]);
        if (($row->version ?? 0) !== $version) {
            throw $this->stale($manager, $dog, $zone, $row, $recipe);
        }
        $before = $row->recipe ?? new ZoneRecipe();
        if ($before->equals($recipe)) {
            return new ZoneChangedView($zone->id, $version, RecipeView::of($recipe), $plan->revision, null);
        }
        if (null === $row) {
            $row = new PlanZone(Uuid::v7(), $plan, $zone->id, $recipe);
            $manager->persist($row);
        } else {
            $row->recipe = $recipe;
            ++$row->version;
        }
        ++$plan->revision;
        $change = $this->log->record($manager, $dog, 'plan_zone', $zone->id, $summary ?? self::summary($zone, $before, $recipe), RecipeArray::of($before), RecipeArray::of($recipe), $plan->revision);

        return new ZoneChangedView($zone->id, $row->version, RecipeView::of($recipe), $plan->revision, (string) $change->id);
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

    private function stale(EntityManagerInterface $manager, Dog $dog, Zone $zone, ?PlanZone $row, ZoneRecipe $mine): Problem
    {
        $last = $manager->createQuery('SELECT c, s FROM '.Change::class." c JOIN c.staff s WHERE c.dog = :dog AND c.kind = 'plan_zone' AND c.subject = :zone ORDER BY c.id DESC")
            ->setParameter('dog', $dog->id, 'uuid')->setParameter('zone', $zone->id)->setMaxResults(1)->getOneOrNullResult();
        $who = $last instanceof Change ? $last->staff->name : 'Somebody';

        return Problem::stale(\sprintf('%s changed the %s meanwhile. Choose which recipe stays.', $who, $zone->label), [
            'zone' => $zone->id,
            'theirs' => null === $row ? null : RecipeView::of($row->recipe),
            'yours' => RecipeView::of($mine),
            'version' => $row->version ?? 0,
            'changed_by' => $who,
            'changed_at' => $last instanceof Change ? $last->at->format('Y-m-d\TH:i:s\Z') : null,
        ]);
    }
}
