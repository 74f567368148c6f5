<?php

/** Whether a person on the staff can take this dog. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['who', 'me', 'fits', 'second_person', 'flags'])]
final readonly class AssignmentView
{
    /**
     * @param list<array{tool: string, decision: string}> $flags
     */
    public function __construct(
        #[OA\Property] public string $who,
        #[OA\Property] public bool $me,
        #[OA\Property] public bool $fits,
        #[OA\Property] public bool $second_person,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['tool', 'decision'],
                properties: [new OA\Property('tool', type: 'string'), new OA\Property('decision', type: 'string')],
                type: 'object',
            ),
        )]
        public array $flags,
    ) {
    }
}
