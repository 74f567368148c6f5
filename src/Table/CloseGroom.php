<?php

/** The dog is finished. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;

final readonly class CloseGroom implements Command
{
    public function __construct(public string $groom, public CloseForm $form)
    {
    }
}
