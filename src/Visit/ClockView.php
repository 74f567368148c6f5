<?php

/** One of a dog's clocks. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['clock', 'weeks', 'due_on', 'reasons'])]
final readonly class ClockView
{
    /** @param list<array<string, mixed>> $reasons */
    public function __construct(
        #[OA\Property] public string $clock,
        #[OA\Property] public float $weeks,
        #[OA\Property] public string $due_on,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
    ) {
    }
}
