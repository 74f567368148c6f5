<?php

/** Visits that can be, or were, held ahead. A response record. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Diary\BookingView;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class SeriesView
{
    /**
     * @param list<array<string, mixed>> $days
     * @param list<BookingView> $held
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        #[Gives('list<array{due: string, day: string|null, why: string, fill: float|null, hold: bool}>'),
            Says('day null: no day within a week of it can be; why: what is in the way of the due day; fill: share '.
            'of the people’s time of that week that is booked; hold: now, or its week will be full'),]
        public array $days,
        #[Says('what is held now; none where it was only asked')] public array $held,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }
}
