<?php

/** Begin an export of everything of a salon. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Command\Command;

final readonly class BeginExport implements Command
{
    /** @param bool $papers as PDF too */
    public function __construct(public bool $papers = false)
    {
    }
}
