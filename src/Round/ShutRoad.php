<?php

/** A road is shut on a day; or is open after all. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Command\Command;

final readonly class ShutRoad implements Command
{
    /** @param string $open id of what was said of a road before and does not hold; empty: form says what is shut */
    public function __construct(public ?ShutForm $form, public string $open = '')
    {
    }
}
