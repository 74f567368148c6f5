<?php

/** Take a dog off the waiting list. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Command\Command;

final readonly class WaitNoMore implements Command
{
    public function __construct(public string $waiting)
    {
    }
}
