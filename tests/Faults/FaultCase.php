<?php

/** What the fault tests share: a running instance, its database, and many people at it at once. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

use PHPUnit\Framework\TestCase;

/**
 * Run by bin/test faults: KT_ADDRESS, KT_HOME and KT_RUN name the instance, KT_LONG asks for the long form.
 *
 * @phpstan-import-type Answer from Person
 */
abstract class FaultCase extends TestCase
{
    protected const WRITERS = 20;

    /** @var array<int, Person> */
    private static array $people = [];
    private static ?\PDO $db = null;

    protected static function address(): string
    {
        return self::given('KT_ADDRESS');
    }

    protected static function given(string $name): string
    {
        $value = getenv($name);

        return \is_string($value) && '' !== $value
            ? $value
            : throw new \LogicException("$name is not set: run bin/test faults");
    }

    protected static function instance(): string
    {
        return basename(self::given('KT_HOME'));
    }

    /** The short form is part of every run, the long one is asked for. */
    protected static function times(int $short, int $long): int
    {
        return false === getenv('KT_LONG') ? $short : $long;
    }

    /** Somebody who may do everything, on a device of their own. */
    protected static function person(int $n = 0): Person
    {
        return self::$people[$n] ??= Person::signIn(self::address());
    }

    /** Everybody's session is gone, as after a restore. */
    protected static function signOutAll(): void
    {
        self::$people = [];
        self::$db = null;
    }

    protected static function db(bool $again = false): \PDO
    {
        if ($again) {
            self::$db = null;
        }

        // A restore puts another database in place.
        $name =
            1 === preg_match('/^DB_NAME=(\w+)$/m', (string) @file_get_contents(self::given('KT_HOME').'/current'), $m)
                ? $m[1]
                : 'thistle';

        return self::$db ??= new \PDO(
            'mysql:unix_socket='.self::given('KT_RUN')."/db/mariadb.sock;dbname=$name;charset=utf8mb4",
            get_current_user(),
            '',
            [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION],
        );
    }

    /** @param list<scalar|null> $values */
    protected static function value(string $sql, array $values = []): mixed
    {
        $statement = self::db()->prepare($sql);
        $statement->execute($values);

        return $statement->fetchColumn();
    }

    /**
     * The id in the first column, as the API writes it.
     *
     * @param list<scalar|null> $values
     */
    protected static function id(string $sql, array $values = []): string
    {
        $id = self::value($sql, $values);
        self::assertIsString($id, $sql);
        $hex = bin2hex($id);

        return implode('-', [
            substr($hex, 0, 8),
            substr($hex, 8, 4),
            substr($hex, 12, 4),
            substr($hex, 16, 4),
            substr($hex, 20),
        ]);
    }

    protected static function dog(string $name): string
    {
        return self::id('SELECT id FROM dog WHERE name = ?', [$name]);
    }

    protected static function binary(string $id): string
    {
        return (string) hex2bin(str_replace('-', '', $id));
    }

    /**
     * One call a person, all at the same moment. Whoever is told that others are writing just now tries again with the
     * same key, as a screen does: a slow machine has more of them.
     *
     * @param callable(Person, int): \CurlHandle $call
     *
     * @return list<Answer>
     */
    protected static function all(callable $call, int $people = self::WRITERS): array
    {
        $calls = [];
        for ($n = 0; $n < $people; ++$n) {
            $calls[] = $call(self::person($n), $n);
        }

        $answers = Person::together($calls);
        for ($again = 0; $again < 50; ++$again) {
            $busy = array_filter($answers, static fn (array $a): bool => 503 === $a[0]);
            if ([] === $busy) {
                break;
            }
            usleep(100_000);
            $answers = Person::together(array_intersect_key($calls, $busy)) + $answers;
        }
        ksort($answers);

        return array_values($answers);
    }

    /**
     * @param array<int|string, Answer> $answers
     *
     * @return array<int, int> how many had which status
     */
    protected static function counted(array $answers): array
    {
        $counts = [];
        foreach ($answers as [$status]) {
            $counts[$status] = ($counts[$status] ?? 0) + 1;
        }
        ksort($counts);

        return $counts;
    }

    /** Runs a function of the house in the shell, such as stop_one mariadb. */
    protected static function house(string $command): string
    {
        $script =
            '. '.
            escapeshellarg(\dirname(__DIR__, 2).'/ops/house.sh').
            '; use_instance '.
            self::instance().
            ' '.
            escapeshellarg((string) parse_url(self::address(), \PHP_URL_PORT)).
            '; '.
            $command;
        exec('bash -c '.escapeshellarg($script).' 2>&1', $out, $code);
        self::assertSame(0, $code, implode("\n", $out));

        return implode("\n", $out);
    }

    protected static function number(mixed $value): float
    {
        self::assertIsNumeric($value);

        return (float) $value;
    }
}
