<?php

/** A bottle as its label says it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Core\Wash\Ratio;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'version',
        'product',
        'name',
        'ratio_words',
        'ml',
        'concentrate_ml',
        'mixed_on',
        'discard_by',
        'over',
        'who',
        'poured_on',
    ],
)]
final readonly class BottleView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $product,
        #[OA\Property] public string $name,
        #[OA\Property] public string $ratio_words,
        #[OA\Property] public float $ml,
        #[OA\Property] public float $concentrate_ml,
        #[OA\Property] public string $mixed_on,
        #[OA\Property] public string $discard_by,
        #[OA\Property(description: 'past its day: poured away, not used')] public bool $over,
        #[OA\Property] public string $who,
        #[OA\Property(nullable: true)] public ?string $poured_on,
    ) {
    }

    public static function of(Bottle $b, \DateTimeImmutable $today): self
    {
        return new self(
            (string) $b->id,
            $b->version,
            (string) $b->product->id,
            $b->product->name,
            '1:'.Ratio::plain($b->ratio),
            round($b->ml, 0),
            round($b->concentrateMl, 1),
            $b->mixedOn->format('Y-m-d'),
            $b->discardBy->format('Y-m-d'),
            $b->discardBy->format('Y-m-d') < $today->format('Y-m-d'),
            $b->staff->name,
            $b->pouredOn?->format('Y-m-d'),
        );
    }
}
