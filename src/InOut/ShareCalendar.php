<?php

/** Give a calendar a new link, or take its link back. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Command\Command;

final readonly class ShareCalendar implements Command
{
    /** @param string $subject id of a person or a place */
    public function __construct(public string $subject, public bool $open)
    {
    }
}
