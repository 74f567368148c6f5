<?php

/** Let cards follow a change of their pattern: the next fifty, in one short transaction. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class SpreadPattern implements Command
{
    /**
     * @param string $change of the pattern, its id in the log
     * @param list<string> $dogs their ids
     */
    public function __construct(public string $change, public array $dogs)
    {
    }
}
