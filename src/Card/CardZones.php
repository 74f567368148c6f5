<?php

/** The zones of a card: what is planned, what this kit makes of it, what the dog carries today. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\RecentChangeView;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Visit\GrowthAndClocks;

final readonly class CardZones
{
    public function __construct(private KitReader $kit)
    {
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan
     * @param list<RecentChangeView> $changes newest first
     *
     * @return array{list<ZoneView>, string|null} in the order of the body, and the zone this kit serves worst
     */
    public function of(
        Actor $actor,
        Dog $dog,
        array $plan,
        GrowthAndClocks $figures,
        string $place,
        array $changes,
    ): array {
        $home = $this->kit->lengths($actor);
        $there = $this->kit->lengths($actor, $place);
        $kit = $this->kit->match($actor, $place);
        $changed = [];
        foreach (array_reverse($changes) as $change) {
            if ('plan_zone' === $change->kind) {
                $changed[$change->subject] = $change;
            }
        }
        $zones = [];
        $before = $worst = null;
        $most = 0.0;
        foreach (array_diff_key(ZoneTable::all(), array_flip($dog->absentZones())) as $id => $zone) {
            $recipe = $plan[$id]['recipe'] ?? new ZoneRecipe();
            $natural = NaturalLength::mm($dog->coat, $zone);
            $finished = $here = null;
            if (null !== $recipe->method) {
                $rules = $recipe->forRules();
                $finished = $home->planned($rules)->finished;
                $here = GrowthAndClocks::here($recipe, $finished, $kit, $there, $before);
                $before = $rules->tool->hasLength() ? $rules->tool : $before;
                if (abs($here->difference_mm ?? 0.0) > $most) {
                    $worst = $id;
                    $most = abs($here->difference_mm ?? 0.0);
                }
            }
            $zones[] = new ZoneView(
                zone: $id,
                version: $plan[$id]['version'] ?? 0,
                recipe: RecipeView::of($recipe),
                finished_mm: $finished?->rounded(),
                now_mm: $figures->now($id)?->rounded(),
                natural_mm: $natural,
                here: null === $here || $here->isAsPlanned() ? null : $here,
                fill_back_on: true === $recipe->exception && null !== $finished
                    ? $figures->fillBack($finished, Length::ofMillimetres($natural))
                    : null,
                changed_by: $changed[$id]->who ?? null,
            );
        }

        return [$zones, $worst];
    }
}
