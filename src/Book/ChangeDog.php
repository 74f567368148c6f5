<?php

/** Change what is known of a dog. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Command\Command;

final readonly class ChangeDog implements Command
{
    /** @param string $id of the dog */
    public function __construct(public string $id, public int $version, public DogForm $dog)
    {
    }
}
