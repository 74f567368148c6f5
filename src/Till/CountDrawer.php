<?php

/** Count the drawer of a place for today. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Command\Command;

final readonly class CountDrawer implements Command
{
    public function __construct(public CountForm $form)
    {
    }
}
