<?php

/** Visits of a year against the clocks. A response record. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class YearCheckView
{
    private const RUN =
        'list<array{clock: string, from: string, to: string, days: int, limit: int, over: int, open: bool}>';
    private const VISIT =
        'list<array{day: string, kind: string, minutes: int|null, price_minor: int|null, load: float|null, '.
        'weeks: float|null}>';

    /**
     * @param list<array<string, mixed>> $runs
     * @param list<array<string, mixed>> $visits
     */
    public function __construct(
        #[Gives(self::RUN), Says('how long each clock runs; over: days past its limit; open: no '.
            'visit ends it')] public array $runs,
        #[Gives(self::VISIT), Says('by day; weeks since the groom before and the matting score it then comes with, '.
            'for a full groom; minutes and price with that matting')]
        public array $visits,
        #[Says('of all visits; null: nobody has weighed the dog')] public ?int $minutes,
        public ?int $price_minor,
        #[Says('runs past their limit that a visit ends')] public int $broken,
    ) {
    }
}
