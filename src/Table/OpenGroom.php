<?php

/** A dog comes to the table. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;

final readonly class OpenGroom implements Command
{
    public function __construct(public string $dog, public OpenForm $form)
    {
    }
}
