<?php

/** What last time differs from the card in, before the first cut. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['open', 'last_on', 'zones'])]
final readonly class RepeatView
{
    /** @param list<array<string, mixed>> $zones */
    public function __construct(
        #[OA\Property(nullable: true, description: 'id of a groom that is going on')] public ?string $open,
        #[OA\Property(nullable: true)] public ?string $last_on,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['zone', 'card', 'card_mm', 'last', 'last_mm', 'day', 'who', 'why', 'refused'],
                properties: [
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('card', type: 'string', nullable: true),
                    new OA\Property('card_mm', type: 'number', nullable: true),
                    new OA\Property('last', type: 'string'),
                    new OA\Property('last_mm', type: 'number', nullable: true),
                    new OA\Property('day', type: 'string'),
                    new OA\Property('who', type: 'string'),
                    new OA\Property('why', type: 'string'),
                    new OA\Property(
                        'refused',
                        type: 'string',
                        nullable: true,
                        description: 'why it may not be kept',
                    ),
                ],
                type: 'object',
            ),
        )]
        public array $zones,
    ) {
    }
}
