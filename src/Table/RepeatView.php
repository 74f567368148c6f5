<?php

/** What last time differs from the card in, before the first cut. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class RepeatView
{
    /** @param list<array<string, mixed>> $zones */
    public function __construct(
        #[Says('id of a groom that is going on')] public ?string $open,
        public ?string $last_on,
        #[Gives(
            'list<array{zone: string, card: string|null, card_mm: float|null, last: string, last_mm: float|null, '.
                'day: string, who: string, why: string, refused: string|null}>',
        )]
        public array $zones,
    ) {
    }
}
