<?php

/** How fast the coat grows. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['mm_per_week', 'sd', 'n', 'reasons'])]
final readonly class GrowthView
{
    /** @param list<array<string, mixed>> $reasons */
    public function __construct(
        #[OA\Property] public float $mm_per_week,
        #[OA\Property] public float $sd,
        #[OA\Property] public int $n,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
    ) {
    }
}
