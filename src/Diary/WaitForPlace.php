<?php

/** Put a dog on the waiting list, or change what it waits for. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Command\Command;

final readonly class WaitForPlace implements Command
{
    public function __construct(public string $dog, public WaitingForm $form)
    {
    }
}
