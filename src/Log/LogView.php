<?php

/** The response record of a page of the log. */

declare(strict_types=1);

namespace KeenThistle\Log;

final readonly class LogView
{
    /** @param list<LogEntryView> $entries */
    public function __construct(public array $entries, public ?string $next)
    {
    }
}
