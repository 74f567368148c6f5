<?php

/** Record a visit that was not worked through at the table. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;

final readonly class RecordVisit implements Command, MayComeLate
{
    public function __construct(public string $dog, public VisitForm $visit)
    {
    }
}
