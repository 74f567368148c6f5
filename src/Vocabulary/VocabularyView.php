<?php

/** The response record of the closed lists. */

declare(strict_types=1);

namespace KeenThistle\Vocabulary;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['zones', 'lists'])]
final readonly class VocabularyView
{
    /**
     * @param list<array<string, mixed>> $zones
     * @param array<string, list<array{id: string, label: string}>> $lists
     */
    public function __construct(
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['id', 'label', 'group', 'side', 'tender', 'thin_skin', 'share', 'meets', 'shapes'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property('group', type: 'string'),
                    new OA\Property('side', type: 'string'),
                    new OA\Property('tender', type: 'boolean'),
                    new OA\Property('thin_skin', type: 'boolean'),
                    new OA\Property('share', type: 'number'),
                    new OA\Property('meets', type: 'array', items: new OA\Items(type: 'string')),
                    new OA\Property('shapes', type: 'array', items: new OA\Items(type: 'string')),
                ],
                type: 'object',
            ),
        )]
        public array $zones,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(
                type: 'array',
                items: new OA\Items(
                    required: ['id', 'label'],
                    properties: [new OA\Property('id', type: 'string'), new OA\Property('label', type: 'string')],
                    type: 'object',
                ),
            ),
        )]
        public array $lists,
    ) {
    }
}
