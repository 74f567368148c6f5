<?php

/** Say where the van finds a home. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Command\Command;

final readonly class PutHomeOnMap implements Command
{
    public function __construct(public string $home, public int $version, public HomeSpotForm $form)
    {
    }
}
