<?php

/** A reading of the thermometer. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

final readonly class ProbeView
{
    public function __construct(public string $blade, public float $celsius)
    {
    }
}
