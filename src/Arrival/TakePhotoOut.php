<?php

/** Take a photo out. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;

final readonly class TakePhotoOut implements Command
{
    public function __construct(public string $photo)
    {
    }
}
