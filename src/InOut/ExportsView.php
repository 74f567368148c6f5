<?php

/** Exports that can be fetched, and one that is on its way. A response record. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Input\Says;
use KeenThistle\Work\JobView;

final readonly class ExportsView
{
    /** @param list<array{id: string, at: string, bytes: int}> $exports */
    public function __construct(
        #[Says('the newest first; each is kept for a week')] public array $exports,
        #[Says('the one that was begun just now')] public ?JobView $job,
    ) {
    }
}
