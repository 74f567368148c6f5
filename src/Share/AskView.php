<?php

/** Another salon and a dog's history: asked, allowed, refused, taken back, or brought along. A response record. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class AskView
{
    /** @param list<string> $parts */
    public function __construct(
        public string $id,
        #[Says('the other salon')] public string $salon,
        #[Gives("'asked'|'allowed'|'refused'|'revoked'|'file'")] public string $state,
        public string $asked_at,
        #[Says('since when it may be seen')] public ?string $since,
        public ?string $ended_at,
        #[Gives("list<'card'|'cautions'|'visits'>")] public array $parts,
        #[Says('the last day the other salon looked at it')] public ?string $seen_on,
        #[Says('page at which its owner answers, to be handed over; empty: not for who asks')] public string $path,
    ) {
    }
}
