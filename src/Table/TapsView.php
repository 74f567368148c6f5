<?php

/** What became of each tap, and the groom after them. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class TapsView
{
    /** @param list<array<string, string|null>> $results */
    public function __construct(
        #[Gives(
            'list<array{id: string, outcome: string, message: string|null, zone: string|null, theirs: string|'.
                'null, theirs_who: string|null}>',
        )]
        public array $results,
        #[Says('seconds the device\'s clock is ahead of ours; times were corrected by it')] public float $clock_ahead_s,
        public GroomChangesView $groom,
    ) {
    }
}
