<?php

/** Note what was measured on a dog. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Command\Command;

final readonly class NoteMeasures implements Command
{
    public function __construct(public string $dog, public MeasuresForm $measures)
    {
    }
}
