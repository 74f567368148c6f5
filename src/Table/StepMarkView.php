<?php

/** How one step of a groom stands. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['key', 'state', 'why', 'who'])]
final readonly class StepMarkView
{
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property(description: 'open, begun, done or skipped')] public string $state,
        #[OA\Property] public string $why,
        #[OA\Property(nullable: true)] public ?string $who,
    ) {
    }
}
