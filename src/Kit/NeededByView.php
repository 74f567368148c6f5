<?php

/** Who needs a tool. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['all', 'week', 'dogs', 'words'])]
final readonly class NeededByView
{
    /**
     * @param list<array{dog: string, name: string, next_on: string|null, zones: list<string>, instead: list<string>,
     * lost: bool}> $dogs
     */
    public function __construct(
        #[OA\Property(description: 'cards that name it')] public int $all,
        #[OA\Property(description: 'of those booked in the next seven days')] public int $week,
        #[OA\Property(
            type: 'array',
            description: 'those that come first',
            items: new OA\Items(
                required: ['dog', 'name', 'next_on', 'zones', 'instead', 'lost'],
                properties: [
                    new OA\Property('dog', type: 'string'),
                    new OA\Property('name', type: 'string'),
                    new OA\Property('next_on', type: 'string', nullable: true),
                    new OA\Property('zones', type: 'array', items: new OA\Items(type: 'string')),
                    new OA\Property('instead', type: 'array', items: new OA\Items(type: 'string')),
                    new OA\Property('lost', type: 'boolean', description: 'nothing else in reach comes close'),
                ],
            ),
        )]
        public array $dogs,
        #[OA\Property] public string $words,
    ) {
    }
}
