<?php

/** Take a pattern over into a dog's plan; the card follows it from then on. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class TakePattern implements Command
{
    /** @param int $revision of the plan that was looked at */
    public function __construct(public string $dog, public int $revision, public TakeForm $take)
    {
    }
}
