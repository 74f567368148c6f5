<?php

/**
 * Servers killed in the middle of writing: what was acknowledged is there, once; what was not is told so and tried
 * again.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

final class KillTest extends FaultCase
{
    /** A test that failed leaves the next ones servers, and nobody's connection to one that is gone. */
    protected function tearDown(): void
    {
        self::signOutAll();
        self::house('start_database; start_web');
    }

    public function testTheDatabaseIsKilled(): void
    {
        $this->goesOn(self::times(2, 16), static function (): void {
            self::house('kill -9 "$(cat "$(pid_file mariadb)")"; sleep 0.2; start_database');
        });
    }

    public function testPhpWorkersAreKilled(): void
    {
        $this->goesOn(self::times(6, 40), static function (): void {
            self::house('kill -9 "$(processes php-fpm | grep -vx "$(cat "$(pid_file php-fpm)")" | shuf -n 1)"');
        });
    }

    /** @param callable(): void $kill */
    private function goesOn(int $times, callable $kill): void
    {
        $dog = self::binary(self::dog('Wick'));
        self::signOutAll();
        $before = self::value("SELECT COUNT(*) FROM ladder_entry WHERE dog_id = ? AND tool = 'dryer'", [$dog]);
        $writers = new Writers(self::address(), ['steps', 'steps', 'steps', 'steps']);
        for ($i = 0; $i < $times; ++$i) {
            $writers->waitFor(20);
            $kill();
        }
        $writers->waitFor(20);
        $writes = $writers->stop();
        self::signOutAll();
        $there = self::value("SELECT COUNT(*) FROM ladder_entry WHERE dog_id = ? AND tool = 'dryer'", [$dog]);
        $kept = (is_numeric($there) ? (int) $there : 0) - (is_numeric($before) ? (int) $before : 0);
        $told = \count($writes);
        // A writer that is stopped between its last try and its answer may have one more there than it was told of.
        self::assertGreaterThanOrEqual($told, $kept, 'lost');
        self::assertLessThanOrEqual($told + 4, $kept, 'doubled');
        $keys = (int) self::number(
            self::value(
                'SELECT COUNT(*) FROM request_key WHERE request_key IN ('.
                    implode(',', array_map(static fn (array $w): string => "'{$w['key']}'", $writes)).
                    ')',
            ),
        );
        self::assertSame($told, $keys, 'each was kept with its key');
        $answers = array_values(array_unique(array_merge([], ...array_column($writes, 'other'))));
        self::assertSame([], array_values(array_diff($answers, [0, 503])), 'what was not kept was told so');
        fwrite(
            \STDERR,
            \sprintf(
                "\n  killed %d times: %d writes acknowledged, 0 lost, 0 doubled, %d tried again\n",
                $times,
                $told,
                \count(array_filter($writes, static fn (array $w): bool => $w['tries'] > 1)),
            ),
        );
    }
}
