<?php

/** The response record of a recorded visit. */

declare(strict_types=1);

namespace KeenThistle\Table;

final readonly class RecordedView
{
    public function __construct(public string $id, public string $day)
    {
    }
}
