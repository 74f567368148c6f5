<?php

/** What a device of one's own may hold: the dogs of a week, and the key it is opened with while there is a salon. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Input\Says;

final readonly class AwayView
{
    /** @param list<AwayDayView> $dogs */
    public function __construct(
        #[Says('opens what the device has sealed; the same for as long as the person and the salon\'s secret are')]
        public string $key,
        #[Says('the salon\'s own day')] public string $today,
        public array $dogs,
    ) {
    }
}
