<?php

/** An entry that was written down. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'kind', 'celsius'])]
final readonly class EntryView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $kind,
        #[OA\Property(nullable: true)] public ?float $celsius,
    ) {
    }
}
