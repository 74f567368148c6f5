<?php

/** What an owner's own interval would look like. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Input\Gives;

final readonly class WishView
{
    /**
     * @param list<array<string, mixed>> $breaks
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        public int $weeks,
        public string $on,
        #[Gives('list<array{clock: string, weeks: float, over_by_weeks: float}>')] public array $breaks,
        public ?float $length_mm,
        public float $load,
        public ?float $matting_minutes,
        public ?int $fee_minor,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }
}
