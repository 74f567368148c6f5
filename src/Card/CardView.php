<?php

/** A whole card. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Book\DogView;
use KeenThistle\Diary\BookingView;
use KeenThistle\Log\RecentChangeView;
use KeenThistle\Reason\CautionView;
use KeenThistle\Visit\GrowthView;
use KeenThistle\Visit\IntervalView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'dog',
        'cautions',
        'place',
        'zones',
        'worst_here',
        'growth',
        'interval',
        'visits',
        'bookings',
        'changes',
        'revision',
        'today',
    ],
)]
final readonly class CardView
{
    /**
     * @param list<array<string, mixed>> $cautions
     * @param list<ZoneView> $zones
     * @param list<VisitView> $visits
     * @param list<BookingView> $bookings
     * @param list<RecentChangeView> $changes
     */
    public function __construct(
        #[OA\Property(ref: DogView::class)] public DogView $dog,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: CautionView::class),
            description: 'health and handling, worst first',
        )]
        public array $cautions,
        #[OA\Property] public string $place,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ZoneView::class))] public array $zones,
        #[OA\Property(nullable: true, description: 'the zone this kit serves worst')] public ?string $worst_here,
        #[OA\Property(ref: GrowthView::class)] public GrowthView $growth,
        #[OA\Property(ref: IntervalView::class)] public IntervalView $interval,
        #[OA\Property(type: 'array', items: new OA\Items(ref: VisitView::class))] public array $visits,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BookingView::class))] public array $bookings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RecentChangeView::class))] public array $changes,
        #[OA\Property] public int $revision,
        #[OA\Property] public string $today,
    ) {
    }
}
