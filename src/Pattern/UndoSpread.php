<?php

/** Take back what a change of a pattern did to the cards that followed it. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class UndoSpread implements Command
{
    /**
     * @param string $pattern its id
     * @param string $change of that pattern, its id in the log
     */
    public function __construct(public string $pattern, public string $change)
    {
    }
}
