<?php

/** Change a price list that has not begun before today. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Command\Command;

final readonly class ChangePrices implements Command
{
    public function __construct(public string $list, public int $version, public PricesForm $form)
    {
    }
}
