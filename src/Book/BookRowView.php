<?php

/** The response record of one dog in a list. */

declare(strict_types=1);

namespace KeenThistle\Book;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'name',
        'breed',
        'coat',
        'household',
        'person',
        'phone',
        'state',
        'cautions',
        'last_visit',
        'next_booking',
    ],
)]
final readonly class BookRowView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $breed,
        #[OA\Property] public string $coat,
        #[OA\Property] public string $household,
        #[OA\Property] public string $person,
        #[OA\Property] public string $phone,
        #[OA\Property] public string $state,
        #[OA\Property] public int $cautions,
        #[OA\Property(nullable: true)] public ?string $last_visit,
        #[OA\Property(nullable: true)] public ?string $next_booking,
    ) {
    }
}
