<?php

/** Send its owner the link to a receipt. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Command\Command;

final readonly class SendReceipt implements Command
{
    /** @param string $sale its id */
    public function __construct(public string $sale)
    {
    }
}
