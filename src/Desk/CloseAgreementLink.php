<?php

/** Take back the link to an owner's copy of an agreement. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use KeenThistle\Command\Command;

final readonly class CloseAgreementLink implements Command
{
    public function __construct(public string $agreement)
    {
    }
}
