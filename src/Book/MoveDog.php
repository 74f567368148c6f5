<?php

/** A dog has another home. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Command\Command;

final readonly class MoveDog implements Command
{
    public function __construct(public string $dog, public int $version, public MoveForm $form)
    {
    }
}
