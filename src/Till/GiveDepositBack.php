<?php

/** Give back what is still held for a visit. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Command\Command;

final readonly class GiveDepositBack implements Command
{
    /** @param string $booking its id */
    public function __construct(public string $booking, public DepositBackForm $form)
    {
    }
}
