<?php

/** On what points a card differs from the salon's schools. A response record. */

declare(strict_types=1);

namespace KeenThistle\Order;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['points'])]
final readonly class DogSchoolsView
{
    /**
     * @param list<array{point: string, label: string, house: string, own: string|null, sides: list<array{id: string,
     * what: string, why: string}>}> $points
     */
    public function __construct(
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['point', 'label', 'house', 'own', 'sides'],
                properties: [
                    new OA\Property('point', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property('house', type: 'string'),
                    new OA\Property('own', type: 'string', nullable: true),
                    new OA\Property(
                        'sides',
                        type: 'array',
                        items: new OA\Items(
                            required: ['id', 'what', 'why'],
                            properties: [
                                new OA\Property('id', type: 'string'),
                                new OA\Property('what', type: 'string'),
                                new OA\Property('why', type: 'string'),
                            ],
                            type: 'object',
                        ),
                    ),
                ],
                type: 'object',
            ),
        )]
        public array $points,
    ) {
    }
}
