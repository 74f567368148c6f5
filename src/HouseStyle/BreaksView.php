<?php

/** What a choice of schools would break. A response record. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['breaks'])]
final readonly class BreaksView
{
    /** @param list<array{field: string, message: string}> $breaks */
    public function __construct(
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['field', 'message'],
                properties: [new OA\Property('field', type: 'string'), new OA\Property('message', type: 'string')],
                type: 'object',
            ),
        )]
        public array $breaks,
    ) {
    }
}
