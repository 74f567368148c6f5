<?php

/** An entry that was written down. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

final readonly class EntryView
{
    public function __construct(public string $id, public string $kind, public ?float $celsius)
    {
    }
}
