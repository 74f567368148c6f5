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

    /** @var array<string, int> by first word */
    private static array $kinds = [];

    public static function during(callable $work): int
    {
        self::$count = 0;
        $work();

        return self::$count;
    }

    /** @return array{int, int} how many read, and how many wrote */
    public static function readsAndWrites(callable $work): array
    {
        self::$kinds = [];
        $work();
        $of = static fn (string ...$words): int => array_sum(array_intersect_key(self::$kinds, array_flip($words)));

        return [$of('SELECT'), $of('INSERT', 'UPDATE', 'DELETE', 'REPLACE')];
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
            $sql = \is_string($context['sql'] ?? null) ? ltrim($context['sql']) : '';
            $word = strtoupper((string) strtok($sql, " \n"));
            self::$kinds[$word] = (self::$kinds[$word] ?? 0) + 1;
        }
    }
}
