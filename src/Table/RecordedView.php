<?php

/** The response record of a recorded visit. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'day'])]
final readonly class RecordedView
{
    public function __construct(#[OA\Property] public string $id, #[OA\Property] public string $day)
    {
    }
}
