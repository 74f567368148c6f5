<?php

/** A dog comes to the table. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;

final readonly class OpenGroom implements Command, MayComeLate
{
    public function __construct(public string $dog, public OpenForm $form)
    {
    }
}
