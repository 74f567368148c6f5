<?php

/** Settle a bill. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Command\Command;

final readonly class SettleBill implements Command
{
    public function __construct(public SaleForm $form)
    {
    }
}
