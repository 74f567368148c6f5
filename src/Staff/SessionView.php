<?php

/** Who is signed in, as the screens need it. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'name',
        'role',
        'role_label',
        'may',
        'salon',
        'place',
        'places',
        'colleagues',
        'csrf',
        'currency',
        'pin_refused_at',
    ],
)]
final readonly class SessionView
{
    /**
     * @param list<string> $may
     * @param list<array{id: string, name: string, kind: string}> $places
     * @param list<array{id: string, name: string, role: string}> $colleagues
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $role,
        #[OA\Property] public string $role_label,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                type: 'string',
                enum: ['read', 'phone', 'plan', 'visit', 'book', 'dog', 'kit', 'house'],
            ),
        )]
        public array $may,
        #[OA\Property] public string $salon,
        #[OA\Property(nullable: true)] public ?string $place,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['id', 'name', 'kind'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('name', type: 'string'),
                    new OA\Property('kind', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $places,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['id', 'name', 'role'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('name', type: 'string'),
                    new OA\Property('role', type: 'string'),
                ],
                type: 'object',
            ),
        )]
        public array $colleagues,
        #[OA\Property] public string $csrf,
        #[OA\Property] public string $currency,
        #[OA\Property(
            nullable: true,
            description: 'a wrong PIN was typed for this person so often that it takes their password again',
        )]
        public ?string $pin_refused_at,
    ) {
    }
}
