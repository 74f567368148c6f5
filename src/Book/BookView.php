<?php

/** The response record of a list of dogs. */

declare(strict_types=1);

namespace KeenThistle\Book;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['dogs', 'next', 'near'])]
final readonly class BookView
{
    /** @param list<BookRowView> $dogs */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BookRowView::class))] public array $dogs,
        #[OA\Property(nullable: true, description: 'cursor of the next page')] public ?string $next,
        #[OA\Property(description: 'true where nothing matched as typed and these are one typo away'),]
        public bool $near,
    ) {
    }
}
