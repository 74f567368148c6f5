<?php

/** When the dog should be back. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'from',
        'full_weeks',
        'full_on',
        'binding',
        'tidy_weeks',
        'tidy_on',
        'clocks',
        'reasons',
        'warnings',
        'wish',
    ],
)]
final readonly class IntervalView
{
    /**
     * @param list<ClockView> $clocks
     * @param list<array<string, mixed>> $reasons
     * @param list<array<string, mixed>> $warnings
     */
    public function __construct(
        #[OA\Property(description: 'the day the clocks started: the last visit that reset them')] public string $from,
        #[OA\Property(nullable: true)] public ?int $full_weeks,
        #[OA\Property(nullable: true)] public ?string $full_on,
        #[OA\Property] public string $binding,
        #[OA\Property(nullable: true)] public ?int $tidy_weeks,
        #[OA\Property(nullable: true)] public ?string $tidy_on,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ClockView::class))] public array $clocks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $warnings,
        #[OA\Property(ref: WishView::class, nullable: true)] public ?WishView $wish,
    ) {
    }
}
