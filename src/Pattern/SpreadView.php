<?php

/** What a change of a pattern would do to the cards that follow it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['line', 'zones', 'dogs'])]
final readonly class SpreadView
{
    /**
     * @param list<array{zone: string, label: string, words: string, finished_mm: float|null}> $zones
     * @param list<array{dog: string, name: string, changes: list<array{zone: string, label: string, words: string,
     *     was_mm: float|null, finished_mm: float|null}>, stays: list<array{zone: string, label: string,
     *     why: string}>}> $dogs
     */
    public function __construct(
        #[OA\Property(description: 'the new line as it is kept')] public string $line,
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
                required: ['dog', 'name', 'changes', 'stays'],
                properties: [
                    new OA\Property('dog', type: 'string'),
                    new OA\Property('name', type: 'string'),
                    new OA\Property(
                        'changes',
                        type: 'array',
                        items: new OA\Items(
                            required: ['zone', 'label', 'words', 'was_mm', 'finished_mm'],
                            properties: [
                                new OA\Property('zone', type: 'string'),
                                new OA\Property('label', type: 'string'),
                                new OA\Property('words', type: 'string'),
                                new OA\Property('was_mm', type: 'number', nullable: true),
                                new OA\Property('finished_mm', type: 'number', nullable: true),
                            ],
                        ),
                    ),
                    new OA\Property(
                        'stays',
                        type: 'array',
                        items: new OA\Items(
                            required: ['zone', 'label', 'why'],
                            properties: [
                                new OA\Property('zone', type: 'string'),
                                new OA\Property('label', type: 'string'),
                                new OA\Property('why', type: 'string'),
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
