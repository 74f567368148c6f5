<?php

/** Starting and stopping whatever was left behind: strangers are spared, leftovers go, what was interrupted goes on. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

use Symfony\Component\Process\Process;

final class StartTest extends FaultCase
{
    public function testAPidFileOfBeforeEndsNoStranger(): void
    {
        $stranger = new Process(['sleep', '300']);
        $stranger->start();
        $pid = $stranger->getPid();
        try {
            self::house(
                'stop_one nginx; echo '.$pid.' >"$(pid_file nginx)"; running nginx && exit 9; stop_one nginx',
            );
            self::assertTrue($stranger->isRunning(), 'somebody else\'s process goes on');
        } finally {
            $stranger->stop(0);
            self::house('start_web');
        }
        self::assertSame(200, self::person()->ask('GET', '/api/health')[0]);
    }

    public function testMastersKilledLeaveNoWorkersAndAStartRightAfterWorks(): void
    {
        for ($i = 0; $i < self::times(1, 4); ++$i) {
            $before = explode(
                "\n",
                self::house(
                    'processes php-fpm; processes nginx; kill -9 "$(cat "$(pid_file php-fpm)")" "$(cat '.
                        '"$(pid_file nginx)")" "$(cat "$(pid_file mariadb)")"',
                ),
            );
            self::assertGreaterThan(5, \count($before));
            self::house('start_database; start_web');
            self::signOutAll();
            self::assertSame(200, self::person()->ask('GET', '/api/session')[0]);
            $after = explode("\n", self::house('processes php-fpm; processes nginx'));
            self::assertSame([], array_intersect($before, $after), 'none of the old ones is left');
        }
        self::house(
            'kill -9 "$(cat "$(pid_file php-fpm)")" "$(cat "$(pid_file nginx)")"; stop_one nginx; stop_one php-fpm',
        );
        self::assertSame(
            '',
            self::house('processes php-fpm; processes nginx'),
            'a stop removes what has no master any more',
        );
        self::house('start_web');
    }

    public function testAHalfMadeDataFolderIsMadeAnew(): void
    {
        $made = self::house('. tests/Faults/half-made.sh');
        self::assertSame('2', $made);
    }

    public function testAnInterruptedMigrationGoesOn(): void
    {
        $schema = static fn (string $db): string => self::house(
            "for t in \$(db_root -N $db -e 'SHOW TABLES'); do db_root -N $db -e \"SHOW CREATE TABLE \$t\" | sed ".
                "'s/AUTO_INCREMENT=[0-9]* //'; done",
        );
        $run = static function (string $db): Process {
            $url = self::house("database_url $db");
            $process = new Process(
                ['php', 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '-q'],
                \dirname(__DIR__, 2),
                [
                    'DATABASE_URL' => $url,
                    'APP_ENV' => 'prod',
                    'APP_SECRET' => str_repeat('x', 32),
                    'APP_CACHE_DIR' => self::given('KT_HOME').'/cache',
                    'LOG_FILE' => '/dev/null',
                    'KT_CHILDREN' => false,
                ],
                timeout: 120,
            );
            $process->start();

            return $process;
        };
        self::house('new_database thistle_whole');
        $whole = $run('thistle_whole');
        $began = microtime(true);
        self::assertSame(0, $whole->wait(), $whole->getErrorOutput());
        $took = microtime(true) - $began;
        $wanted = $schema('thistle_whole');
        self::assertGreaterThan(5000, \strlen($wanted));
        for ($i = 1, $times = self::times(3, 12); $i <= $times; ++$i) {
            self::house('new_database thistle_cut');
            for ($part = 1; $part <= 2; ++$part) {
                $process = $run('thistle_cut');
                usleep((int) (1e6 * $took * ($i / ($times + 1)) * (2 === $part ? 0.8 : 1.0)));
                $process->stop(0, \SIGKILL);
            }
            $last = $run('thistle_cut');
            self::assertSame(0, $last->wait(), "killed at $i of $times: ".$last->getErrorOutput());
            self::assertSame($wanted, $schema('thistle_cut'), "killed at $i of $times");
        }
        self::house('db_root -e "DROP DATABASE thistle_whole; DROP DATABASE thistle_cut"');
    }

    public function testWhoStartsWhileSomebodyStartsWaits(): void
    {
        // The test run holds this instance's lock all the while.
        $second = new Process(
            ['bash', '-c', '. ops/house.sh; use_instance '.self::instance().' 0; lock_instance; echo in'],
            \dirname(__DIR__, 2),
            ['KT_LOCKED' => false],
            timeout: 30,
        );
        $second->start();
        usleep(700_000);
        self::assertTrue($second->isRunning());
        self::assertSame('', $second->getOutput());
        $second->stop(0);
        $free = new Process(
            [
                'bash',
                '-c',
                '. ops/house.sh; use_instance '.
                self::instance().
                ' 0; HOME_DIR=$(mktemp -d); lock_instance; echo in; rm -rf "$HOME_DIR"',
            ],
            \dirname(__DIR__, 2),
            ['KT_LOCKED' => false],
            timeout: 30,
        );
        self::assertSame(0, $free->run(), $free->getErrorOutput());
        self::assertSame("in\n", $free->getOutput());
    }

    public function testServicesAreReachedBySocketsOnly(): void
    {
        $said = self::house(
            'stat -c "%a %U" "$RUN_DIR/php.sock"; echo "$APP_USER $DB_USER"; for p in $(processes php-fpm) ; do '.
                'stat -c %U /proc/$p; done | sort | uniq -c | sort -rn | head -1; stat -c %a "$HOME_DIR/secrets" '.
                '"$HOME_DIR/seal.keys" "$HOME_DIR/php-fpm.conf" "$HOME_DIR/log/access.log" "$HOME_DIR/log/app.log"',
        );
        [$socket, $users, $workers, $secrets, $keys, $conf, $access, $log] = explode("\n", $said);
        [$app, $db] = explode(' ', $users);
        self::assertSame("600 $app", $socket);
        self::assertStringEndsWith(" $app", $workers);
        self::assertSame(['600', '600', '600', '600', '600'], [$secrets, $keys, $conf, $access, $log]);
        if ('root' === get_current_user()) {
            self::assertSame(['www-data', 'mysql'], [$app, $db]);
        }
        $listening = (string) file_get_contents('/proc/net/tcp');
        $port = strtoupper(dechex(1 + (int) parse_url(self::address(), \PHP_URL_PORT)));
        self::assertStringNotContainsString(":$port ", $listening, 'PHP listens on no port');
    }
}
