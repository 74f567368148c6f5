<?php

/** Which pattern a dog follows. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['pattern', 'name', 'taken', 'behind', 'own', 'revision'])]
final readonly class FollowView
{
    /** @param list<string> $own */
    public function __construct(
        #[OA\Property(nullable: true, description: 'null: none')] public ?string $pattern,
        #[OA\Property(nullable: true)] public ?string $name,
        #[OA\Property(nullable: true)] public ?int $taken,
        #[OA\Property(description: 'the pattern has changed since')] public bool $behind,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string'),
            description: 'zones in which this dog goes its own way',
        )]
        public array $own,
        #[OA\Property(description: 'of the dog\'s plan')] public int $revision,
    ) {
    }
}
