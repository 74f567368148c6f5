<?php

/** The kit list's response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['items'])]
final readonly class KitView
{
    /** @param list<KitItemView> $items */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: KitItemView::class))] public array $items,
    ) {
    }
}
