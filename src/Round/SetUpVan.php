<?php

/** Say what a van holds and how its day goes. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Command\Command;

final readonly class SetUpVan implements Command
{
    public function __construct(public string $van, public int $version, public VanForm $form)
    {
    }
}
