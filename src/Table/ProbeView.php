<?php

/** A reading of the thermometer. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['blade', 'celsius'])]
final readonly class ProbeView
{
    public function __construct(#[OA\Property] public string $blade, #[OA\Property] public float $celsius)
    {
    }
}
