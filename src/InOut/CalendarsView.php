<?php

/** Calendars that can be subscribed to. A response record. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Input\Says;

final readonly class CalendarsView
{
    /** @param list<array{kind: string, subject: string, name: string, path: string|null}> $calendars */
    public function __construct(
        #[Says('kind: person or place; path: of the feed, null where there is no link')] public array $calendars,
    ) {
    }
}
