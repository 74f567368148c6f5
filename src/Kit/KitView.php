<?php

/** The kit list's response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

final readonly class KitView
{
    /** @param list<KitItemView> $items */
    public function __construct(public array $items)
    {
    }
}
