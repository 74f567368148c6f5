<?php

/** The response record of one change. */

declare(strict_types=1);

namespace KeenThistle\Log;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'at', 'who', 'kind', 'subject', 'summary', 'dog', 'dog_name', 'undone', 'can_undo'])]
final readonly class LogEntryView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $at,
        #[OA\Property] public string $who,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $subject,
        #[OA\Property] public string $summary,
        #[OA\Property(nullable: true)] public ?string $dog,
        #[OA\Property(nullable: true)] public ?string $dog_name,
        #[OA\Property] public bool $undone,
        #[OA\Property] public bool $can_undo,
    ) {
    }
}
