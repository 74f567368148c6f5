<?php

/** An argument that is made only when the role has been checked: who may not is told that first. */

declare(strict_types=1);

namespace KeenThistle\Http;

final readonly class Pending
{
    /** @param \Closure(): mixed $make */
    public function __construct(public \Closure $make)
    {
    }
}
