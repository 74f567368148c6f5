<?php

/** Take back what a changed pattern did to cards: the next fifty, in one short transaction. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class TakeSpreadBack implements Command
{
    /**
     * @param string $pattern its id
     * @param string $change of that pattern, its id in the log
     * @param list<string> $dogs their ids
     */
    public function __construct(public string $pattern, public string $change, public array $dogs)
    {
    }
}
