<?php

/** How many owners were written to. A response record. */

declare(strict_types=1);

namespace KeenThistle\Round;

final readonly class TimesTold
{
    public function __construct(public int $written)
    {
    }
}
