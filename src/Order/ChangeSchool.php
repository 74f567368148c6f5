<?php

/** Let a card differ from the salon's schools on one point, or not any more. */

declare(strict_types=1);

namespace KeenThistle\Order;

use KeenThistle\Command\Command;

final readonly class ChangeSchool implements Command
{
    public function __construct(public string $dog, public SchoolForm $school)
    {
    }
}
