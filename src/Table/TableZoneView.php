<?php

/** One zone of a groom: what was planned, what was done, by whom. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Recipe\RecipeView;
use KeenThistle\Visit\HereView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'zone',
        'planned',
        'planned_mm',
        'state',
        'why',
        'actual',
        'actual_mm',
        'difference_mm',
        'carry',
        'who',
        'at',
        'seq',
        'here',
        'now_mm',
        'natural_mm',
        'fill_back_on',
    ],
)]
final readonly class TableZoneView
{
    public function __construct(
        #[OA\Property] public string $zone,
        #[OA\Property(ref: RecipeView::class, nullable: true)] public ?RecipeView $planned,
        #[OA\Property(nullable: true)] public ?float $planned_mm,
        #[OA\Property] public string $state,
        #[OA\Property] public string $why,
        #[OA\Property(
            ref: RecipeView::class,
            nullable: true,
            description: 'where it was done otherwise than planned',
        )]
        public ?RecipeView $actual,
        #[OA\Property(nullable: true)] public ?float $actual_mm,
        #[OA\Property(nullable: true)] public ?float $difference_mm,
        #[OA\Property(description: '"repeat" or "do_not_repeat"')] public string $carry,
        #[OA\Property(nullable: true)] public ?string $who,
        #[OA\Property(nullable: true)] public ?string $at,
        #[OA\Property(description: 'the tap that says so; 0: none yet')] public int $seq,
        #[OA\Property(
            ref: HereView::class,
            nullable: true,
            description: 'where the kit in reach cannot make what was planned: the nearest',
        )]
        public ?HereView $here,
        #[OA\Property(nullable: true)] public ?float $now_mm,
        #[OA\Property] public float $natural_mm,
        #[OA\Property(nullable: true)] public ?string $fill_back_on,
    ) {
    }
}
