<?php

/** The catalogue to tick a kit from. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

final readonly class CatalogueView
{
    /** @param list<array{id: string, kind: string, label: string, mm: float|null}> $tools */
    public function __construct(public array $tools)
    {
    }
}
