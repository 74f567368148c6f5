<?php

/** How one zone stands in a groom, and who said so. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Recipe\RecipeView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'zone',
        'state',
        'why',
        'actual',
        'actual_mm',
        'difference_mm',
        'carry',
        'who',
        'at',
        'seq',
        'fill_back_on',
    ],
)]
final readonly class ZoneMarkView
{
    public function __construct(
        #[OA\Property] public string $zone,
        #[OA\Property] public string $state,
        #[OA\Property] public string $why,
        #[OA\Property(ref: RecipeView::class, nullable: true, description: 'what was used; null: as planned')]
        public ?RecipeView $actual,
        #[OA\Property(nullable: true)] public ?float $actual_mm,
        #[OA\Property(nullable: true)] public ?float $difference_mm,
        #[OA\Property(description: '"repeat" or "do_not_repeat"')] public string $carry,
        #[OA\Property(nullable: true)] public ?string $who,
        #[OA\Property(nullable: true)] public ?string $at,
        #[OA\Property(description: 'the tap that says so; 0: none yet')] public int $seq,
        #[OA\Property(nullable: true)] public ?string $fill_back_on,
    ) {
    }
}
