<?php

/** One tool's response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'version', 'kind', 'label', 'place', 'place_name', 'nominal_mm', 'measured_mm', 'measured_base', 'measured_lay'])]
final readonly class KitItemView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $label,
        #[OA\Property] public string $place,
        #[OA\Property] public string $place_name,
        #[OA\Property(nullable: true)] public ?float $nominal_mm,
        #[OA\Property(nullable: true)] public ?float $measured_mm,
        #[OA\Property(nullable: true)] public ?string $measured_base,
        #[OA\Property(nullable: true)] public ?string $measured_lay,
    ) {
    }
}
