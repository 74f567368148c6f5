<?php

/** What an owner agreed to or refused. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'number', 'agreed', 'signed_by', 'at', 'who', 'choice', 'link', 'intact', 'current'])]
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
        #[OA\Property(description: 'address of the owner\'s copy')] public string $link,
        #[OA\Property(description: 'the seal still fits')] public bool $intact,
        #[OA\Property(description: 'nothing was changed since')] public bool $current,
    ) {
    }
}
