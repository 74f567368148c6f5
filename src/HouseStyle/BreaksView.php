<?php

/** What a choice of schools would break. A response record. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

final readonly class BreaksView
{
    /** @param list<array{field: string, message: string}> $breaks */
    public function __construct(public array $breaks)
    {
    }
}
