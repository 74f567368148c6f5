<?php

/** One visit. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'day',
        'kind',
        'staff',
        'place',
        'minutes',
        'arrival_load',
        'tender_severity',
        'upkeep',
        'note',
        'zones',
    ],
)]
final readonly class VisitView
{
    /** @param list<VisitZoneView> $zones */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $day,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $staff,
        #[OA\Property] public string $place,
        #[OA\Property(nullable: true)] public ?int $minutes,
        #[OA\Property(nullable: true)] public ?float $arrival_load,
        #[OA\Property] public int $tender_severity,
        #[OA\Property(nullable: true)] public ?string $upkeep,
        #[OA\Property] public string $note,
        #[OA\Property(type: 'array', items: new OA\Items(ref: VisitZoneView::class))] public array $zones,
    ) {
    }
}
