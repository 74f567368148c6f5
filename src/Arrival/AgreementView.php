<?php

/** What an owner agreed to or refused. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'number',
        'agreed',
        'signed_by',
        'at',
        'who',
        'choice',
        'link',
        'link_until',
        'intact',
        'current',
    ],
)]
final readonly class AgreementView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[OA\Property] public bool $agreed,
        #[OA\Property] public string $signed_by,
        #[OA\Property] public string $at,
        #[OA\Property] public string $who,
        #[OA\Property] public string $choice,
        #[OA\Property(nullable: true, description: 'address of the owner\'s copy; null: taken back, or too old'),]
        public ?string $link,
        #[OA\Property(nullable: true, description: 'the link opens it until then')] public ?string $link_until,
        #[OA\Property(description: 'the seal still fits')] public bool $intact,
        #[OA\Property(description: 'nothing was changed since')] public bool $current,
    ) {
    }
}
