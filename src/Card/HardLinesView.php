<?php

/** Between which zones a card wants a hard line. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

final readonly class HardLinesView
{
    /** @param list<array{zone: string, other: string}> $lines */
    public function __construct(public array $lines)
    {
    }
}
