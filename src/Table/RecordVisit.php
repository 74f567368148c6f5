<?php

/** Record a visit that was not worked through at the table. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;

final readonly class RecordVisit implements Command
{
    public function __construct(public string $dog, public VisitForm $visit)
    {
    }
}
