<?php

/** A dog in its order of work. A response record. */

declare(strict_types=1);

namespace KeenThistle\Order;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['steps', 'tool_changes', 'moved'])]
final readonly class OrderView
{
    /**
     * @param list<array<string, mixed>> $steps
     * @param list<array{step: string, why: string}> $moved
     */
    public function __construct(
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['step', 'title', 'tool', 'zones', 'minutes', 'cautions', 'done_when'],
                properties: [
                    new OA\Property('step', type: 'string'),
                    new OA\Property('title', type: 'string'),
                    new OA\Property('tool', type: 'string', nullable: true),
                    new OA\Property('zones', type: 'array', items: new OA\Items(type: 'string')),
                    new OA\Property('minutes', type: 'number', nullable: true),
                    new OA\Property('cautions', type: 'array', items: new OA\Items(type: 'string')),
                    new OA\Property('done_when', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $steps,
        #[OA\Property] public int $tool_changes,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['step', 'why'],
                properties: [new OA\Property('step', type: 'string'), new OA\Property('why', type: 'string')],
                type: 'object',
            ),
        )]
        public array $moved,
    ) {
    }
}
