<?php

/** One pattern with its zones and who follows it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['pattern', 'zones', 'dogs', 'spread'])]
final readonly class PatternView
{
    /**
     * @param list<array{zone: string, label: string, words: string, finished_mm: float|null}> $zones
     * @param list<array{dog: string, name: string, coat: string, taken: int, behind: bool, own: list<string>}> $dogs
     */
    public function __construct(
        #[OA\Property(ref: PatternRowView::class)] public PatternRowView $pattern,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['zone', 'label', 'words', 'finished_mm'],
                properties: [
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property('words', type: 'string'),
                    new OA\Property('finished_mm', type: 'number', nullable: true),
                ],
            ),
        )]
        public array $zones,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['dog', 'name', 'coat', 'taken', 'behind', 'own'],
                properties: [
                    new OA\Property('dog', type: 'string'),
                    new OA\Property('name', type: 'string'),
                    new OA\Property('coat', type: 'string'),
                    new OA\Property('taken', type: 'integer', description: 'the version of the line its card has'),
                    new OA\Property('behind', type: 'boolean', description: 'the line has changed since'),
                    new OA\Property('own', type: 'array', items: new OA\Items(type: 'string')),
                ],
            ),
        )]
        public array $dogs,
        #[OA\Property(nullable: true, description: 'the change cards have just followed, by which it is taken back')]
        public ?string $spread = null,
    ) {
    }
}
