<?php

/** Counts the SQL statements of a piece of work; a DBAL middleware, registered in the tests only. */

declare(strict_types=1);

namespace KeenThistle\Tests;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Logging\Middleware as LoggingMiddleware;
use Psr\Log\AbstractLogger;

final class QueryCounter extends AbstractLogger implements Middleware
{
    private static int $count = 0;

    public static function during(callable $work): int
    {
        self::$count = 0;
        $work();

        return self::$count;
    }

    public function wrap(Driver $driver): Driver
    {
        return (new LoggingMiddleware($this))->wrap($driver);
    }

    /** @param array<mixed> $context */
    public function log($level, string|\Stringable $message, array $context = []): void
    {
        if (str_starts_with((string) $message, 'Executing')) {
            ++self::$count;
        }
    }
}
