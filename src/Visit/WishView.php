<?php

/** What an owner's own interval would look like. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['weeks', 'on', 'breaks', 'length_mm', 'load', 'matting_minutes', 'fee_minor', 'reasons'])]
final readonly class WishView
{
    /**
     * @param list<array<string, mixed>> $breaks
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        #[OA\Property] public int $weeks,
        #[OA\Property] public string $on,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['clock', 'weeks', 'over_by_weeks'],
                properties: [
                    new OA\Property('clock', type: 'string'),
                    new OA\Property('weeks', type: 'number'),
                    new OA\Property('over_by_weeks', type: 'number'),
                ],
                type: 'object',
            ),
        )]
        public array $breaks,
        #[OA\Property(nullable: true)] public ?float $length_mm,
        #[OA\Property] public float $load,
        #[OA\Property(nullable: true)] public ?float $matting_minutes,
        #[OA\Property(nullable: true)] public ?int $fee_minor,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
    ) {
    }
}
