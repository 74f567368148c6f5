<?php

/** One reading of the calliper. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

final readonly class ReadingView
{
    public function __construct(public float $mm)
    {
    }
}
