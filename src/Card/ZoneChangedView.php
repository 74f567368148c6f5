<?php

/** The response record of a changed zone. */

declare(strict_types=1);

namespace KeenThistle\Card;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['zone', 'version', 'recipe', 'revision', 'change'])]
final readonly class ZoneChangedView
{
    public function __construct(
        #[OA\Property] public string $zone,
        #[OA\Property] public int $version,
        #[OA\Property(ref: RecipeView::class, nullable: true)] public ?RecipeView $recipe,
        #[OA\Property] public int $revision,
        #[OA\Property(nullable: true, description: 'id of the change in the log, for undo; null when nothing changed')] public ?string $change,
    ) {
    }
}
