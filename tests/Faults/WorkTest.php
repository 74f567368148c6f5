<?php

/** What goes on behind the scenes: killed at every step, hung up on, cut off, two at it: each arrives once. */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;

final class WorkTest extends FaultCase
{
    /** Statements of one message, from what looks for it to what takes it out of the queue. */
    private const STEPS = 12;

    protected function setUp(): void
    {
        self::house('stop_one worker; rm -rf "$SENDER_DIR"; mkdir "$SENDER_DIR"; owned "$APP_USER" "$SENDER_DIR"');
        self::db()->exec("DELETE FROM messenger_messages; DELETE FROM message WHERE text LIKE 'Queued %'");
    }

    protected function tearDown(): void
    {
        self::house('rm -rf "$SENDER_DIR"; start_database; start_worker');
    }

    /** @param array<string, string> $env */
    private static function work(string $says, array $env = []): Process
    {
        $home = self::given('KT_HOME');
        $env += ['APP_ENV' => 'test', 'WORK_TAKEN_UP_S' => '1', 'WORK_AGAIN_MS' => '0', 'SENDER_DIR' => "$home/sent"];
        $given = implode(' ', array_map(static fn (string $k, string $v): string => "$k=$v", array_keys($env), $env));
        $port = (string) parse_url(self::address(), \PHP_URL_PORT);
        $script =
            '. ops/house.sh; use_instance '.self::instance()." $port; $given exec php tests/Faults/work.php $says";
        $process = new Process(['bash', '-c', $script], \dirname(__DIR__, 2), timeout: 300);
        $process->start();

        return $process;
    }

    private static function queue(int $messages): void
    {
        self::assertSame(0, self::work("queue $messages")->wait());
        self::assertSame($messages, self::waits());
    }

    private static function waits(): int
    {
        return (int) self::number(
            self::value("SELECT COUNT(*) FROM messenger_messages WHERE COALESCE(delivered_at, 0) < '9999-12-31'"),
        );
    }

    /** Until nothing waits; what a dead worker had in hand is taken up after a second. */
    private static function workThrough(): void
    {
        for ($try = 0; $try < 60 && self::waits() > 0; ++$try) {
            self::assertSame(0, self::work('work')->wait());
            usleep(200_000);
        }
        self::assertSame(0, self::waits());
    }

    /** @return list<string> ids of messages that arrived, each as often as it did */
    private static function arrived(): array
    {
        $files = glob(self::given('KT_HOME').'/sent/*');

        return array_map(basename(...), false === $files ? [] : $files);
    }

    private function allArrivedOnce(int $messages): void
    {
        self::assertCount($messages, self::arrived());
        self::assertSame(
            [$messages, 0],
            [
                self::value("SELECT COUNT(*) FROM message WHERE text LIKE 'Queued %' AND state = 'sent'"),
                self::value("SELECT COUNT(*) FROM message WHERE text LIKE 'Queued %' AND state <> 'sent'"),
            ],
        );
    }

    public function testAWorkerKilledInEveryStepLosesAndDoublesNothing(): void
    {
        $messages = self::times(40, 200);
        self::queue($messages);
        $deaths = 0;
        for ($n = 1; self::waits() > self::STEPS && $n < 20 * $messages; ++$n) {
            // Every step of the first message, and every step of a later one.
            try {
                self::work('work '.(($n % (3 * self::STEPS)) + 1))->wait();
            } catch (ProcessSignaledException) {
                ++$deaths;
            }
        }
        self::assertGreaterThanOrEqual(self::STEPS, $deaths, 'every step was died in');
        self::workThrough();
        $this->allArrivedOnce($messages);
    }

    public function testTwoWorkersShareALongQueue(): void
    {
        $messages = self::times(300, 10_000);
        self::queue($messages);
        $two = [self::work('work'), self::work('work')];
        foreach ($two as $worker) {
            self::assertSame(0, $worker->wait());
        }
        self::workThrough();
        $this->allArrivedOnce($messages);
        $tries = self::number(self::value("SELECT SUM(tries) FROM message WHERE text LIKE 'Queued %'"));
        self::assertSame((float) $messages, $tries, 'none was taken by both');
    }

    public function testASenderThatAnswersWhenTheWorkerIsDeadHasTheMessageOnce(): void
    {
        self::queue(1);
        $late = self::work('work', ['SIMULATED_SENDER' => 'late']);
        self::until(static fn (): bool => [] !== self::arrived());
        $late->stop(0, \SIGKILL);
        self::assertSame('sending', self::value("SELECT state FROM message WHERE text = 'Queued 0.'"));
        self::workThrough();
        $this->allArrivedOnce(1);
    }

    public function testASenderThatHangsOrRefusesIsTriedFiveTimesAndTheNextMessageDoesNotWaitForEver(): void
    {
        self::queue(1);
        self::assertSame(0, self::work('work', ['SIMULATED_SENDER' => 'refuses'])->wait());
        self::assertSame(
            ['failed', 'Tried five times. The message service is not there just now.'],
            [
                self::value("SELECT state FROM message WHERE text = 'Queued 0.'"),
                self::value("SELECT receipt FROM message WHERE text = 'Queued 0.'"),
            ],
        );
        self::assertStringContainsString(
            'a message to an owner: Tried five times',
            self::house('console thistle:work'),
        );
        if (1 === self::times(0, 1)) {
            self::setUp();
            self::queue(1);
            self::assertSame(0, self::work('work', ['SIMULATED_SENDER' => 'hangs'])->wait());
            self::assertSame('failed', self::value("SELECT state FROM message WHERE text = 'Queued 0.'"));
        }
    }

    public function testTheWorkerComesBackByItself(): void
    {
        self::house('start_worker');
        $php = static fn (): string => self::house(
            'for p in $(processes worker); do grep -lx php /proc/$p/comm || true; done',
        );
        self::until(static fn (): bool => '' !== $php());
        $before = $php();
        self::house(
            'kill -9 $(for p in $(processes worker); do if grep -qx php /proc/$p/comm; then echo $p; fi; done)',
        );
        self::until(static fn (): bool => !\in_array($php(), ['', $before], true));
        // The database is away for a while, and what is asked for meanwhile waits in it.
        self::queue(1);
        self::house('kill -9 "$(cat "$(pid_file mariadb)")"; sleep '.self::times(3, 60).'; start_database');
        self::db(true);
        self::until(static fn (): bool => [] !== self::arrived() && 0 === self::waits());
        $this->allArrivedOnce(1);
        self::house('kill -9 $(processes worker); start_worker; running worker');
        self::assertStringContainsString('Nothing waits.', self::house('console thistle:work'));
        self::house('stop_one worker; [ -z "$(processes worker)" ]');
    }

    /** @param \Closure(): bool $there */
    private static function until(\Closure $there): void
    {
        for ($try = 0; $try < 600; ++$try) {
            if ($there()) {
                return;
            }
            usleep(100_000);
        }
        self::fail('it did not come about within a minute');
    }
}
