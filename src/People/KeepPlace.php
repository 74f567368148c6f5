<?php

/** Add a place, or change, close or open one. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Command\Command;

final readonly class KeepPlace implements Command
{
    /** @param string|null $place null: a new one */
    public function __construct(public PlaceForm $form, public ?string $place = null, public int $version = 0)
    {
    }
}
