<?php

/** One zone of a card. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Recipe\RecipeView;
use KeenThistle\Visit\HereView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'zone',
        'version',
        'recipe',
        'finished_mm',
        'now_mm',
        'natural_mm',
        'here',
        'fill_back_on',
        'changed_by',
    ],
)]
final readonly class ZoneView
{
    public function __construct(
        #[OA\Property] public string $zone,
        #[OA\Property(description: 'names this zone in If-Match; 0 where it was never planned')] public int $version,
        #[OA\Property(ref: RecipeView::class, nullable: true)] public ?RecipeView $recipe,
        #[OA\Property(nullable: true)] public ?float $finished_mm,
        #[OA\Property(nullable: true, description: 'expected today from the last visit and the growth'),]
        public ?float $now_mm,
        #[OA\Property(
            description: 'what this coat usually carries here when nothing is planned; for the drawing only',
        )]
        public float $natural_mm,
        #[OA\Property(ref: HereView::class, nullable: true, description: 'null: made here as it is planned')]
        public ?HereView $here,
        #[OA\Property(nullable: true, description: 'when an exception patch is expected to be back'),]
        public ?string $fill_back_on,
        #[OA\Property(nullable: true)] public ?string $changed_by,
    ) {
    }
}
