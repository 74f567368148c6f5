<?php

/** Begin a price list on a day. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Command\Command;

final readonly class BeginPrices implements Command
{
    public function __construct(public PricesForm $form)
    {
    }
}
