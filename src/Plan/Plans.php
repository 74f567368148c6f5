<?php

/** Reads plans: what each zone of a dog is meant to become. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Book\Dog;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class Plans
{
    public function __construct(private Scope $scope)
    {
    }

    /** @return array{int, array<string, array{version: int, recipe: ZoneRecipe}>} revision, zones */
    public function of(Actor $actor, Dog $dog): array
    {
        $revision = 0;
        $zones = [];
        foreach (
            $this->scope->rows(
                $actor,
                'SELECT p.revision, z.zone, z.version, '.
                    RecipeCodec::columns('z.').
                    ' FROM trim_plan p LEFT JOIN plan_zone z ON z.plan_id = p.id WHERE p.dog_id = :dog AND '.
                    'p.salon_id = :salon',
                ['dog' => $dog->id->toBinary()],
            ) as $row
        ) {
            $revision = Row::int($row['revision']) ?? 0;
            if (\is_string($row['zone']) && !\in_array($row['zone'], $dog->absentZones(), true)) {
                $zones[$row['zone']] = [
                    'version' => Row::int($row['version']) ?? 0,
                    'recipe' => RecipeCodec::fromArray($row),
                ];
            }
        }

        return [$revision, $zones];
    }

    /**
     * The plans of several dogs in one query.
     *
     * @param list<Dog> $dogs
     *
     * @return array<string, array<string, array{version: int, recipe: ZoneRecipe}>> by dog id, then zone
     */
    public function ofDogs(Actor $actor, array $dogs): array
    {
        $plans = $absent = [];
        foreach ($dogs as $dog) {
            $absent[(string) $dog->id] = $dog->absentZones();
        }
        foreach (
            [] === $dogs
                ? []
                : $this->scope->rows(
                    $actor,
                    'SELECT p.dog_id, z.zone, z.version, '.
                        RecipeCodec::columns('z.').
                        ' FROM trim_plan p JOIN plan_zone z ON z.plan_id = p.id WHERE p.salon_id = :salon AND '.
                        'p.dog_id IN ('.
                        Row::list(array_map(static fn (Dog $d): Uuid => $d->id, $dogs)).
                        ')',
                ) as $row
        ) {
            $id = Row::id($row['dog_id']);
            if (\is_string($row['zone']) && !\in_array($row['zone'], $absent[$id] ?? [], true)) {
                $plans[$id][$row['zone']] = [
                    'version' => Row::int($row['version']) ?? 0,
                    'recipe' => RecipeCodec::fromArray($row),
                ];
            }
        }

        return $plans;
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan
     *
     * @return array<string, ZoneRecipe>
     */
    public static function recipes(array $plan): array
    {
        return array_map(static fn (array $p): ZoneRecipe => $p['recipe'], $plan);
    }

    /**
     * Wishes made from a plan as it was read; what a zone has already is none.
     *
     * @param array<string, ZoneRecipe> $recipes by zone
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan
     *
     * @return array<string, array{version: int, recipe: ZoneRecipe}>
     */
    public static function wishes(array $recipes, array $plan): array
    {
        $wishes = [];
        foreach ($recipes as $zone => $recipe) {
            if (!($plan[$zone]['recipe'] ?? new ZoneRecipe())->equals($recipe)) {
                $wishes[$zone] = ['version' => $plan[$zone]['version'] ?? 0, 'recipe' => $recipe];
            }
        }

        return $wishes;
    }
}
