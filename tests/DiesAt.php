<?php

/** Ends its own process, as kill -9 does, before the n-th SQL statement; a DBAL middleware of the tests. */

declare(strict_types=1);

namespace KeenThistle\Tests;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Logging\Middleware as LoggingMiddleware;
use Psr\Log\AbstractLogger;

final class DiesAt extends AbstractLogger implements Middleware
{
    private static int $left = 0;

    /** @param int $statement the how manieth from now; 0: none */
    public static function statement(int $statement): void
    {
        self::$left = $statement;
    }

    public function wrap(Driver $driver): Driver
    {
        return (new LoggingMiddleware($this))->wrap($driver);
    }

    /** @param array<mixed> $context */
    public function log($level, string|\Stringable $message, array $context = []): void
    {
        $isStep = 1 === preg_match('/^(Executing|Beginning|Committing|Rolling)/', (string) $message);
        if ($isStep && 0 === --self::$left) {
            posix_kill((int) getmypid(), \SIGKILL);
        }
    }
}
