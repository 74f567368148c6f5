<?php

/** A photo of this arrival. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'zone', 'moment', 'width', 'height', 'who', 'removable'])]
final readonly class PhotoView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $zone,
        #[OA\Property] public string $moment,
        #[OA\Property] public int $width,
        #[OA\Property] public int $height,
        #[OA\Property] public string $who,
        #[OA\Property(description: 'whether who asks may take it out')] public bool $removable,
    ) {
    }
}
