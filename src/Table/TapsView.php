<?php

/** What became of each tap, and the groom after them. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['results', 'clock_ahead_s', 'groom'])]
final readonly class TapsView
{
    /** @param list<array<string, string|null>> $results */
    public function __construct(
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['id', 'outcome', 'message', 'zone', 'theirs', 'theirs_who'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property(
                        'outcome',
                        type: 'string',
                        description: 'counted, repeated, conflict, late or refused',
                    ),
                    new OA\Property('message', type: 'string', nullable: true),
                    new OA\Property('zone', type: 'string', nullable: true),
                    new OA\Property('theirs', type: 'string', nullable: true),
                    new OA\Property('theirs_who', type: 'string', nullable: true),
                ],
                type: 'object',
            ),
        )]
        public array $results,
        #[OA\Property(description: 'seconds the device\'s clock is ahead of ours; times were corrected by it'),]
        public float $clock_ahead_s,
        #[OA\Property(ref: GroomChangesView::class)] public GroomChangesView $groom,
    ) {
    }
}
