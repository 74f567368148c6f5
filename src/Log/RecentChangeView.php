<?php

/** A change somebody made lately. A response record. */

declare(strict_types=1);

namespace KeenThistle\Log;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'who', 'mine', 'at', 'summary', 'kind', 'subject'])]
final readonly class RecentChangeView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $who,
        #[OA\Property] public bool $mine,
        #[OA\Property] public string $at,
        #[OA\Property] public string $summary,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $subject,
    ) {
    }
}
