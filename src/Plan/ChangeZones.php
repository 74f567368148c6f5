<?php

/** Change zones of a dog's plan: one, both of a pair, or several; all of them or none. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Command\Command;

/** @phpstan-import-type Wish from ZoneStore */
final readonly class ChangeZones implements Command
{
    /** @param array<string, Wish> $wishes by zone */
    public function __construct(public string $dog, public array $wishes)
    {
    }
}
