<?php

/** One tool with its life. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['item', 'entries', 'reach', 'derivation'])]
final readonly class ToolLifeView
{
    /**
     * @param list<array{id: string, kind: string, at: string, minutes: float, dirt: string, celsius: float|null,
     *     dog: string|null, who: string}> $entries
     */
    public function __construct(
        #[OA\Property(ref: KitItemView::class)] public KitItemView $item,
        #[OA\Property(
            type: 'array',
            description: 'newest first',
            items: new OA\Items(
                required: ['id', 'kind', 'at', 'minutes', 'dirt', 'celsius', 'dog', 'who'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('kind', type: 'string'),
                    new OA\Property('at', type: 'string'),
                    new OA\Property('minutes', type: 'number'),
                    new OA\Property('dirt', type: 'string'),
                    new OA\Property('celsius', type: 'number', nullable: true),
                    new OA\Property('dog', type: 'string', nullable: true),
                    new OA\Property('who', type: 'string'),
                ],
            ),
        )]
        public array $entries,
        #[OA\Property(ref: NeededByView::class)] public NeededByView $reach,
        #[OA\Property(nullable: true, description: 'id of what its last measurement changed'),]
        public ?string $derivation,
    ) {
    }
}
