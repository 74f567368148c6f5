<?php

/** The response record of a page of the log. */

declare(strict_types=1);

namespace KeenThistle\Log;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['entries', 'next'])]
final readonly class LogView
{
    /** @param list<LogEntryView> $entries */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: LogEntryView::class))] public array $entries,
        #[OA\Property(nullable: true)] public ?string $next,
    ) {
    }
}
