<?php

/** Several zones of a plan, to be changed together. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Input\ListOf;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;

/** @phpstan-import-type Wish from ZoneStore */
final readonly class ZoneWishes
{
    /** @param list<ZoneWish> $changes */
    public function __construct(#[ListOf(ZoneWish::class, 1, ZoneTable::COUNT)] public array $changes)
    {
    }

    /**
     * @return array<string, Wish> by zone
     *
     * @throws InvalidInput
     */
    public function byZone(): array
    {
        $wishes = [];
        foreach ($this->changes as $i => $change) {
            $zone = Zone::of($change->zone, "changes[$i].zone");
            if (isset($wishes[$zone->id])) {
                throw InvalidInput::at("changes[$i].zone", 'is named twice; one change a zone');
            }
            $wishes[$zone->id] = [
                'version' => $change->version,
                'recipe' => null === $change->recipe ? new ZoneRecipe() : RecipeCodec::read($change->recipe, $zone),
            ];
        }

        return $wishes;
    }
}
