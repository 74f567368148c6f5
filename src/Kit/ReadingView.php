<?php

/** One reading of the calliper. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['mm'])]
final readonly class ReadingView
{
    public function __construct(#[OA\Property] public float $mm)
    {
    }
}
