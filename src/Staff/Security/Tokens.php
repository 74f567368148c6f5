<?php

/** Knows a programme by its token. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Refusal\Refused;

interface Tokens
{
    /** In whose name it acts and what it may; null: a token that opens nothing (any more). */
    public function who(string $token): ?SignedIn;

    /**
     * Counts a request.
     *
     * @param string $id of the programme
     *
     * @throws Refused too many in this minute
     */
    public function count(string $id): void;
}
