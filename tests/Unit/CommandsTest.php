<?php

/** Every command explains itself, and says in one sentence what is wrong. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class CommandsTest extends TestCase
{
    /**
     * @param list<string> $command
     *
     * @return array{int, string, string}
     */
    private static function execute(array $command): array
    {
        $process = new Process($command, \dirname(__DIR__, 2), timeout: 30);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput(), $process->getErrorOutput()];
    }

    /** @return iterable<string, array{string}> */
    public static function commands(): iterable
    {
        foreach (['start', 'test', 'ask', 'bench', 'shots', 'backup', 'restore'] as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('commands')]
    public function testItExplainsItself(string $name): void
    {
        [$code, $out] = self::execute(["bin/$name", '--help']);
        self::assertSame(0, $code);
        self::assertStringContainsString("bin/$name", $out);
        self::assertTrue(is_executable(\dirname(__DIR__, 2)."/bin/$name"));
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function mistakes(): iterable
    {
        yield 'start' => [['bin/start', '--now'], 'unknown option --now'];
        yield 'test' => [['bin/test', 'everything'], 'there is no part everything'];
        yield 'bench' => [['bin/bench', '--quick'], 'unknown option --quick'];
    }

    /** @param list<string> $command */
    #[DataProvider('mistakes')]
    public function testAMistakeIsSaidInOneSentence(array $command, string $says): void
    {
        [$code, $out, $error] = self::execute($command);
        self::assertSame(1, $code);
        self::assertSame('', $out);
        self::assertStringContainsString($says, $error);
        self::assertSame(1, substr_count(trim($error), "\n") + 1);
    }

    public function testTheScriptsAreSoundShell(): void
    {
        foreach (
            [
                'bin/start',
                'bin/test',
                'bin/bench',
                'bin/backup',
                'bin/restore',
                'ops/house.sh',
                'ops/worker.sh',
                'ops/generate',
                '.ci/run',
            ] as $script
        ) {
            self::assertSame(0, self::execute(['bash', '-n', $script])[0], $script);
        }
    }
}
