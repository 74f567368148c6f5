<?php

/** What one finding of the comb comes to, by itself. A response record. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Input\Says;

final readonly class FoundView
{
    public function __construct(
        public string $zone,
        public int $severity,
        #[Says('whether a comb tooth passes')] public bool $clearance,
        #[Says('share of the zone')] public float $spread,
        #[Says('what is taken where nobody said whether a comb passes, nor how much of the zone')] public bool $taken,
        public string $decision,
        #[Says('number of the text')] public int $words,
        #[Says('number of the text')] public int $owner_words,
        public ?string $blade,
        public ?float $leaves_mm,
        public float $minutes,
        public float $worked_out_minutes,
        public float $load,
        public ?string $fill_back_on,
        #[Says('number of the clipped zone; null: it is done as it was planned')] public ?int $clipped,
    ) {
    }
}
