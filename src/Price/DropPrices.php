<?php

/** Drop a price list that has not begun. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Command\Command;

final readonly class DropPrices implements Command
{
    public function __construct(public string $list, public int $version)
    {
    }
}
