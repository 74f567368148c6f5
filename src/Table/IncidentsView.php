<?php

/** Incidents of a year and their rates. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['incidents', 'rates'])]
final readonly class IncidentsView
{
    /**
     * @param list<array<string, string|bool>> $incidents
     * @param list<array{tool: string, incidents: int, grooms: int, per_hundred: float, low: float, high: float}> $rates
     */
    public function __construct(
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: [
                    'id',
                    'at',
                    'what',
                    'zone',
                    'tool',
                    'action',
                    'told',
                    'follow_up',
                    'dog_id',
                    'dog',
                    'who',
                ],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('at', type: 'string'),
                    new OA\Property('what', type: 'string'),
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('tool', type: 'string'),
                    new OA\Property('action', type: 'string'),
                    new OA\Property('told', type: 'boolean'),
                    new OA\Property('follow_up', type: 'string'),
                    new OA\Property('dog_id', type: 'string'),
                    new OA\Property('dog', type: 'string'),
                    new OA\Property('who', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $incidents,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['tool', 'incidents', 'grooms', 'per_hundred', 'low', 'high'],
                properties: [
                    new OA\Property('tool', type: 'string'),
                    new OA\Property('incidents', type: 'integer'),
                    new OA\Property('grooms', type: 'integer'),
                    new OA\Property('per_hundred', type: 'number'),
                    new OA\Property('low', type: 'number'),
                    new OA\Property('high', type: 'number'),
                ],
                type: 'object',
            ),
        )]
        public array $rates,
    ) {
    }
}
