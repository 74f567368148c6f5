<?php

/** Change house style and settings. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Command\Command;

final readonly class ChangeHouse implements Command
{
    public function __construct(public int $version, public HouseForm $house)
    {
    }
}
