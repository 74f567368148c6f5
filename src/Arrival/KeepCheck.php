<?php

/** Keep a hands-on check as it stands. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;

final readonly class KeepCheck implements Command, MayComeLate
{
    /** @param array<string, mixed> $check what was found, only what is not empty */
    public function __construct(public string $arrival, public int $version, public array $check)
    {
    }
}
