<?php

/** Take in the dogs of a sheet that was looked at. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Command\Command;

final readonly class TakeSheetIn implements Command
{
    public function __construct(public string $import, public ColumnsForm $columns)
    {
    }
}
