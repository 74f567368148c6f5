<?php

/** A bottle is empty, or stands there after all. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Command\Command;

final readonly class EmptyBottle implements Command
{
    public function __construct(public string $bottle, public int $version, public bool $poured)
    {
    }
}
