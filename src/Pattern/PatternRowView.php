<?php

/** A pattern in the list. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'version', 'name', 'note', 'line', 'followers', 'behind'])]
final readonly class PatternRowView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $note,
        #[OA\Property(description: 'in the house\'s shorthand')] public string $line,
        #[OA\Property(description: 'cards that follow it')] public int $followers,
        #[OA\Property(description: 'of those that have an older version')] public int $behind,
    ) {
    }
}
