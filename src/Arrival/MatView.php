<?php

/** What the comb found in one zone, and what follows. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class MatView
{
    /**
     * @param list<string> $experienced
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        public string $zone,
        public int $severity,
        public ?float $spread,
        public ?bool $clearance,
        public ?string $skin,
        public ?string $overrule,
        public string $why,
        public string $decision,
        public string $words,
        #[Says('the same in the owner\'s words')] public string $owner_words,
        public ?string $blade,
        public ?float $leaves_mm,
        public array $experienced,
        #[Says('where nothing of ours goes under it: what to do instead')] public ?string $refer,
        public float $minutes,
        public float $worked_out_minutes,
        public bool $tender,
        public ?string $fill_back_on,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }
}
