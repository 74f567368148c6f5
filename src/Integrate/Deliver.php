<?php

/** Goes through the queue: a programme is to be told something. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

final readonly class Deliver
{
    public function __construct(public string $delivery)
    {
    }
}
