<?php

/** When the dog should be back. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class IntervalView
{
    /**
     * @param list<ClockView> $clocks
     * @param list<array<string, mixed>> $reasons
     * @param list<array<string, mixed>> $warnings
     */
    public function __construct(
        #[Says('the day the clocks started: the last visit that reset them')] public string $from,
        public ?int $full_weeks,
        public ?string $full_on,
        public string $binding,
        public ?int $bath_weeks,
        public ?string $bath_on,
        public ?int $tidy_weeks,
        public ?string $tidy_on,
        public ?int $nails_weeks,
        public ?string $nails_on,
        public array $clocks,
        public ?NextView $next,
        #[Says('the day the fringe reaches the eye')] public ?string $fringe_on,
        #[Gives('list<ReasonView>')] public array $reasons,
        #[Gives('list<CautionView>')] public array $warnings,
        public ?WishView $wish,
    ) {
    }
}
