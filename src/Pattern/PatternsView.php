<?php

/** The salon's patterns. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

final readonly class PatternsView
{
    /** @param list<PatternRowView> $patterns */
    public function __construct(public array $patterns)
    {
    }
}
