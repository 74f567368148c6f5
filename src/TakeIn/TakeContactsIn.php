<?php

/** People of an address book are taken in, each as a home of their own. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;

final readonly class TakeContactsIn implements Command
{
    public function __construct(public string $bytes)
    {
    }
}
