<?php

/** Which cards of a day need a tool that the van lacks, and the nearest that its kit makes. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Core\Zone\Zone;
use KeenThistle\Kit\KitReader;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Visit\GrowthAndClocks;

final readonly class KitCheck
{
    public function __construct(private KitReader $kit)
    {
    }

    /**
     * @param string $place id of the van
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan of one dog by zone
     *
     * @return list<array{zones: list<string>, needs: string, instead: string|null, difference_mm: float|null}> by what
     *     the card asks for; instead: null where the van makes nothing near
     */
    public function missing(Actor $actor, string $place, array $plan): array
    {
        $home = $this->kit->lengths($actor);
        $there = $this->kit->lengths($actor, $place);
        $match = $this->kit->match($actor, $place);
        $out = [];
        foreach (Plans::recipes($plan) as $zone => $recipe) {
            if (null === $recipe->method) {
                continue;
            }
            $rules = $recipe->forRules();
            $here = GrowthAndClocks::here($recipe, $home->planned($rules)->finished, $match, $there, null);
            if ($here->makes) {
                continue;
            }
            $needs = $rules->tool->words();
            $instead = null === $here->tool ? null : $here->words;
            $out["$needs|$instead|$here->difference_mm"] ??= [
                'zones' => [],
                'needs' => $needs,
                'instead' => $instead,
                'difference_mm' => $here->difference_mm,
            ];
            $out["$needs|$instead|$here->difference_mm"]['zones'][] = Zone::of($zone)->label;
        }

        return array_values($out);
    }
}
