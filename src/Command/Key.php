<?php

/** Which wish a write is: sent again it has the same key. */

declare(strict_types=1);

namespace KeenThistle\Command;

use KeenThistle\Refusal\Refused;

final readonly class Key
{
    /** @throws Refused where it is not 8 to 64 letters and digits */
    public function __construct(public string $value)
    {
        if (1 !== preg_match('/^[A-Za-z0-9_-]{8,64}$/', $value)) {
            throw Refused::badRequest('A write needs an Idempotency-Key of 8 to 64 letters and digits.');
        }
    }
}
