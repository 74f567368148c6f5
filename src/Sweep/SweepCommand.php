<?php

/** Sweeps once, from the shell or a timer. */

declare(strict_types=1);

namespace KeenThistle\Sweep;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('thistle:sweep', 'Takes away what has had its time')]
final class SweepCommand extends Command
{
    public function __construct(private readonly Sweep $sweep)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        foreach ($this->sweep->all() as $what => $count) {
            $output->writeln("$what: $count");
        }

        return self::SUCCESS;
    }
}
