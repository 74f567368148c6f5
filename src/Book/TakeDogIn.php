<?php

/** Take a new dog into the book. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Command\Command;

final readonly class TakeDogIn implements Command
{
    public function __construct(public DogForm $dog)
    {
    }
}
