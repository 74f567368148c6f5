<?php

/** The zones of a visit, head to tail. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'zones'])]
final readonly class VisitZonesView
{
    /** @param list<VisitZoneView> $zones */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(type: 'array', items: new OA\Items(ref: VisitZoneView::class))] public array $zones,
    ) {
    }
}
