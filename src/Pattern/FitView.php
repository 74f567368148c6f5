<?php

/** A pattern laid on a dog. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Reason\CautionView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['revision', 'zones', 'counts'])]
final readonly class FitView
{
    /**
     * @param list<array<string, mixed>> $zones
     * @param array<string, int> $counts
     */
    public function __construct(
        #[OA\Property(description: 'of the dog\'s plan; named in If-Match when the pattern is taken over'),]
        public int $revision,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: [
                    'zone',
                    'label',
                    'verdict',
                    'words',
                    'finished_mm',
                    'was_mm',
                    'difference_mm',
                    'why',
                    'instead',
                    'warnings',
                    'taken',
                ],
                properties: [
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property(
                        'verdict',
                        type: 'string',
                        enum: ['same', 'fits', 'other_tool', 'agree_first', 'kept', 'must_not'],
                    ),
                    new OA\Property('words', type: 'string'),
                    new OA\Property('finished_mm', type: 'number', nullable: true),
                    new OA\Property('was_mm', type: 'number', nullable: true),
                    new OA\Property('difference_mm', type: 'number', nullable: true),
                    new OA\Property('why', type: 'string'),
                    new OA\Property('instead', type: 'string', nullable: true),
                    new OA\Property('warnings', type: 'array', items: new OA\Items(ref: CautionView::class)),
                    new OA\Property(
                        'taken',
                        type: 'boolean',
                        description: 'taken over unless somebody says otherwise',
                    ),
                ],
            ),
        )]
        public array $zones,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
            description: 'zones by verdict',
        )]
        public array $counts,
    ) {
    }
}
