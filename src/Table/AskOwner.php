<?php

/** Ask the owner about what exceeds the agreement: it waits meanwhile, the rest goes on. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;

final readonly class AskOwner implements Command
{
    public function __construct(public string $groom, public AskForm $form)
    {
    }
}
