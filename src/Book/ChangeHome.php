<?php

/** Change a home and its people. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Command\Command;

final readonly class ChangeHome implements Command
{
    public function __construct(public string $home, public int $version, public HomeForm $form)
    {
    }
}
