<?php

/** A page of the outbox. A response record. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['messages', 'next'])]
final readonly class OutboxView
{
    /** @param list<array<string, string>> $messages */
    public function __construct(
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['id', 'at', 'kind', 'to', 'client', 'text', 'state', 'receipt', 'dog_id', 'dog', 'who'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('at', type: 'string'),
                    new OA\Property('kind', type: 'string'),
                    new OA\Property('to', type: 'string'),
                    new OA\Property('client', type: 'string'),
                    new OA\Property('text', type: 'string'),
                    new OA\Property('state', type: 'string'),
                    new OA\Property('receipt', type: 'string'),
                    new OA\Property('dog_id', type: 'string'),
                    new OA\Property('dog', type: 'string'),
                    new OA\Property('who', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $messages,
        #[OA\Property(nullable: true)] public ?string $next,
    ) {
    }
}
