<?php

/** Which wish a write is: sent again it has the same key, and another one with its key is noticed. */

declare(strict_types=1);

namespace KeenThistle\Command;

final readonly class Wish
{
    /**
     * @param string $key 8 to 64 letters and digits, one a wish of this salon
     * @param string $fingerprint a hash of all that is wished
     */
    public function __construct(public string $key, public string $fingerprint)
    {
    }
}
