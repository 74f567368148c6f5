<?php

/**
 * Some people who go on writing in processes of their own, whatever happens meanwhile, and note what they were told.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

use Symfony\Component\Process\Process;

final class Writers
{
    private string $folder;

    /** @var list<Process> */
    private array $processes = [];

    /** @param list<string> $kinds a writer each: "steps" or "photos" */
    public function __construct(string $address, array $kinds)
    {
        $this->folder = sys_get_temp_dir().'/kt-writers-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        foreach ($kinds as $n => $kind) {
            $process = new Process(
                [\PHP_BINARY, __DIR__.'/writer.php', $address, "w$n", $this->folder, $kind],
                timeout: null,
            );
            $process->start();
            $this->processes[] = $process;
        }
        // Each of them is at it before anything is done to the servers.
        for ($more = 0; \count($this->logs()) < \count($kinds); $more = 1) {
            $this->waitFor($more);
        }
    }

    /** A test that fails leaves nobody writing into the next one. */
    public function __destruct()
    {
        foreach ($this->processes as $process) {
            $process->stop(0);
        }
    }

    /** Until that many writes more have been acknowledged. */
    public function waitFor(int $more): void
    {
        $until = \count($this->lines()) + $more;
        for ($i = 0; \count($this->lines()) < $until; ++$i) {
            foreach ($this->processes as $process) {
                if (!$process->isRunning()) {
                    throw new \RuntimeException(
                        'A writer has given up: '.$process->getErrorOutput().$process->getOutput(),
                    );
                }
            }
            if ($i > 3600) {
                throw new \RuntimeException('The writers are not answered.');
            }
            usleep(50_000);
        }
    }

    /** @return list<array{key: string, tries: int, other: list<int>}> writes that were acknowledged */
    public function stop(): array
    {
        touch("$this->folder/STOP");
        foreach ($this->processes as $process) {
            $process->wait();
        }
        $writes = [];
        foreach ($this->lines() as $line) {
            [$key, $tries, $other] = explode(' ', $line) + ['', '0', ''];
            $writes[] = [
                'key' => $key,
                'tries' => (int) $tries,
                'other' => '' === $other ? [] : array_map(intval(...), explode(',', $other)),
            ];
        }
        foreach ((array) glob("$this->folder/*") as $file) {
            unlink((string) $file);
        }
        rmdir($this->folder);

        return $writes;
    }

    /** @return list<string> */
    private function lines(): array
    {
        $lines = [];
        foreach ($this->logs() as $file) {
            $text = (string) file_get_contents($file);
            array_push(
                $lines,
                ...array_values(array_filter(explode("\n", $text), static fn (string $l): bool => '' !== $l)),
            );
        }

        return $lines;
    }

    /** @return list<string> a file a writer, from its first acknowledged write on */
    private function logs(): array
    {
        return array_map(strval(...), (array) glob("$this->folder/*.log"));
    }
}
