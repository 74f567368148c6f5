<?php

/** A whole card. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Book\DogView;
use KeenThistle\Diary\BookingView;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Log\RecentChangeView;
use KeenThistle\Visit\GrowthView;
use KeenThistle\Visit\IntervalView;

final readonly class CardView
{
    /**
     * @param list<array<string, mixed>> $cautions
     * @param list<ZoneView> $zones
     * @param list<array{zone: string, other: string}> $hard_lines
     * @param list<array{what: 'plan'|'visits'|'weight'|'age', words: string}> $unknown
     * @param list<array{zone: string, left_mm: float, since: string, grown_out_on: string}> $patches
     * @param list<VisitView> $visits
     * @param list<BookingView> $bookings
     * @param list<RecentChangeView> $changes
     */
    public function __construct(
        public DogView $dog,
        #[Gives('list<CautionView>'), Says('health and handling, worst first')] public array $cautions,
        public string $place,
        public array $zones,
        #[Says('the zone this kit serves worst')] public ?string $worst_here,
        #[Says('zones between which a hard line is wanted')] public array $hard_lines,
        #[Says('what nobody knows of this dog yet; with plan or visits among it no date is promised'),]
        public array $unknown,
        public GrowthView $growth,
        public IntervalView $interval,
        #[Says('left shorter than the style, until it has grown out')] public array $patches,
        public array $visits,
        public array $bookings,
        public array $changes,
        public int $revision,
        public string $today,
    ) {
    }
}
