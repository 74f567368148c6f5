<?php

/** Something was found, said or agreed of an arrival: today's list of an open groom is made anew. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Staff\Actor;

final readonly class ArrivalChanged
{
    public function __construct(public Arrival $arrival, public Actor $actor)
    {
    }
}
