<?php

/** The salon's patterns. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['patterns'])]
final readonly class PatternsView
{
    /** @param list<PatternRowView> $patterns */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: PatternRowView::class))] public array $patterns,
    ) {
    }
}
