<?php

/** One zone of a visit. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['zone', 'state', 'planned', 'actual', 'why', 'finished_mm', 'arrival_mm', 'owner_cut'])]
final readonly class VisitZoneView
{
    public function __construct(
        #[OA\Property] public string $zone,
        #[OA\Property] public string $state,
        #[OA\Property(nullable: true)] public ?string $planned,
        #[OA\Property(nullable: true)] public ?string $actual,
        #[OA\Property] public string $why,
        #[OA\Property(nullable: true)] public ?float $finished_mm,
        #[OA\Property(nullable: true)] public ?float $arrival_mm,
        #[OA\Property] public bool $owner_cut,
    ) {
    }
}
