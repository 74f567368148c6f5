<?php

/** Which wish a write is, and how long ago it was made: sent again it has the same key. */

declare(strict_types=1);

namespace KeenThistle\Command;

use KeenThistle\Refusal\Refused;

final readonly class Key
{
    /** What waited longer on a device counts as if it had waited so long. */
    public const MOST_S = 31 * 86_400;
    public int $ago;

    /**
     * @param int $ago seconds, by the clock of whoever made it
     *
     * @throws Refused where it is not 8 to 64 letters and digits
     */
    public function __construct(public string $value, int $ago = 0)
    {
        $this->ago = max(0, min(self::MOST_S, $ago));
        if (1 !== preg_match('/^[A-Za-z0-9_-]{8,64}$/', $value)) {
            throw Refused::badRequest('A write needs an Idempotency-Key of 8 to 64 letters and digits.');
        }
    }
}
