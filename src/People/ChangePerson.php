<?php

/** Change somebody's role or place, let them go, or have them back. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Command\Command;

final readonly class ChangePerson implements Command
{
    public function __construct(public string $person, public int $version, public PersonChange $change)
    {
    }
}
