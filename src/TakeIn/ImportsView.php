<?php

/** Sheets that were taken in. A response record. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

final readonly class ImportsView
{
    /** @param list<array{id: string, name: string, state: string, made: int, at: string, who: string}> $imports */
    public function __construct(public array $imports)
    {
    }
}
