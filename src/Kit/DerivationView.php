<?php

/** How far a derivation has come, and what it found. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'tool',
        'label',
        'version',
        'before_mm',
        'after_mm',
        'base',
        'lay',
        'who',
        'at',
        'done',
        'total',
        'changed',
        'finished',
        'means',
        'dogs',
    ],
)]
final readonly class DerivationView
{
    /**
     * @param list<array{dog: string, name: string, zones: list<array{zone: string, label: string, before_mm: float,
     * after_mm: float, difference_mm: float}>}> $dogs
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(description: 'id of the tool')] public string $tool,
        #[OA\Property] public string $label,
        #[OA\Property(description: 'of the tool, since this measurement')] public int $version,
        #[OA\Property(nullable: true, description: 'null: as the table has it')] public ?float $before_mm,
        #[OA\Property(nullable: true)] public ?float $after_mm,
        #[OA\Property(nullable: true)] public ?string $base,
        #[OA\Property(nullable: true)] public ?string $lay,
        #[OA\Property] public string $who,
        #[OA\Property] public string $at,
        #[OA\Property(description: 'cards looked at')] public int $done,
        #[OA\Property] public int $total,
        #[OA\Property(description: 'cards of which a length is another')] public int $changed,
        #[OA\Property] public bool $finished,
        #[OA\Property(description: 'what is another: what the cards promise, or what one place leaves'),]
        public string $means,
        #[OA\Property(
            type: 'array',
            description: 'the largest differences first',
            items: new OA\Items(
                required: ['dog', 'name', 'zones'],
                properties: [
                    new OA\Property('dog', type: 'string'),
                    new OA\Property('name', type: 'string'),
                    new OA\Property(
                        'zones',
                        type: 'array',
                        items: new OA\Items(
                            required: ['zone', 'label', 'before_mm', 'after_mm', 'difference_mm'],
                            properties: [
                                new OA\Property('zone', type: 'string'),
                                new OA\Property('label', type: 'string'),
                                new OA\Property('before_mm', type: 'number'),
                                new OA\Property('after_mm', type: 'number'),
                                new OA\Property('difference_mm', type: 'number'),
                            ],
                        ),
                    ),
                ],
            ),
        )]
        public array $dogs,
    ) {
    }
}
