<?php

/** Says in the shell what waits behind the scenes and what failed, whoever's it is. */

declare(strict_types=1);

namespace KeenThistle\Work;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('thistle:work', 'Says what waits behind the scenes and what failed')]
final class WorkCommand extends Command
{
    public function __construct(private readonly WorkRows $rows)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$waits, $oldest] = $this->rows->waiting();
        $output->writeln(0 === $waits ? 'Nothing waits.' : "$waits wait in the queue, the oldest for $oldest s.");
        foreach ($this->rows->open() as $line) {
            $output->writeln("  goes on: $line");
        }
        $failed = $this->rows->failed();
        $output->writeln([] === $failed ? 'Nothing failed.' : 'Failed, to be tried again by a manager in the outbox:');
        foreach ($failed as $line) {
            $output->writeln("  $line");
        }

        return self::SUCCESS;
    }
}
