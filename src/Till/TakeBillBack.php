<?php

/** Take lines of a bill back. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Command\Command;

final readonly class TakeBillBack implements Command
{
    /** @param string $sale id of the bill */
    public function __construct(public string $sale, public BackForm $form)
    {
    }
}
