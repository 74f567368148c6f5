<?php

/** The response record of a changed zone. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Input\Says;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;

final readonly class ZoneChangedView
{
    public function __construct(
        public string $zone,
        public int $version,
        public ?RecipeView $recipe,
        public int $revision,
        #[Says('id of the change in the log, for undo; null when nothing changed')] public ?string $change,
    ) {
    }

    /** @param array<string, mixed> $done as ChangePlan gives it for this zone, with the plan's revision */
    public static function of(string $zone, ZoneRecipe $recipe, array $done): self
    {
        $number = static fn (string $name): int => \is_int($done[$name]) ? $done[$name] : 0;

        return new self(
            $zone,
            $number('version'),
            RecipeView::of($recipe),
            $number('revision'),
            \is_string($done['change']) ? $done['change'] : null,
        );
    }
}
