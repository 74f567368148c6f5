<?php

/** Give the stops of a round the times at which the van comes, and write to their owners. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Command\Command;

final readonly class TellTimes implements Command
{
    public function __construct(public TimesForm $form)
    {
    }
}
