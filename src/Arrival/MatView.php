<?php

/** What the comb found in one zone, and what follows. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'zone',
        'severity',
        'spread',
        'clearance',
        'skin',
        'overrule',
        'why',
        'decision',
        'words',
        'blade',
        'leaves_mm',
        'experienced',
        'minutes',
        'worked_out_minutes',
        'tender',
        'fill_back_on',
        'reasons',
    ],
)]
final readonly class MatView
{
    /**
     * @param list<string> $experienced
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        #[OA\Property] public string $zone,
        #[OA\Property] public int $severity,
        #[OA\Property(nullable: true)] public ?float $spread,
        #[OA\Property(nullable: true)] public ?bool $clearance,
        #[OA\Property(nullable: true)] public ?string $skin,
        #[OA\Property(nullable: true)] public ?string $overrule,
        #[OA\Property] public string $why,
        #[OA\Property] public string $decision,
        #[OA\Property] public string $words,
        #[OA\Property(nullable: true)] public ?string $blade,
        #[OA\Property(nullable: true)] public ?float $leaves_mm,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $experienced,
        #[OA\Property] public float $minutes,
        #[OA\Property] public float $worked_out_minutes,
        #[OA\Property] public bool $tender,
        #[OA\Property(nullable: true)] public ?string $fill_back_on,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
    ) {
    }
}
