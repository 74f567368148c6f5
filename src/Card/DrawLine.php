<?php

/** Want a hard line between two zones of a card, or not any more. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Command\Command;

final readonly class DrawLine implements Command
{
    public function __construct(public string $dog, public HardLineForm $line)
    {
    }
}
