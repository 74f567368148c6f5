<?php

/** Say what a dog has come for today. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;
use KeenThistle\Core\Timing\Service;

final readonly class ChangeKind implements Command, MayComeLate
{
    /** @param list<string>|null $extras names from the price list; null: as they are */
    public function __construct(public string $arrival, public Service $kind, public ?array $extras = null)
    {
    }
}
