<?php

/** Why something behind the scenes failed, in words a manager can use. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Refusal\Refused;
use Symfony\Component\Messenger\Exception\HandlerFailedException;
use Symfony\Component\Messenger\Exception\UnrecoverableMessageHandlingException;

final class Why
{
    private function __construct()
    {
    }

    public static function of(\Throwable $e): string
    {
        $e = $e instanceof HandlerFailedException ? $e->getPrevious() ?? $e : $e;

        return $e instanceof Refused || $e instanceof UnrecoverableMessageHandlingException
            ? $e->getMessage()
            : 'Something here went wrong five times. What it was is in the log of the server.';
    }
}
