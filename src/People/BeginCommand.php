<?php

/** Prints the one-time address at which a salon is begun in the browser. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Salon\Salon;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('thistle:begin', 'Prints a one-time address at which a salon is begun; an earlier one is closed')]
final class BeginCommand extends Command
{
    private const VALID = '+1 day';

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly OneTimeLinks $links,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('if-empty', null, InputOption::VALUE_NONE, 'Print nothing when there is a salon already');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('if-empty') && $this->manager->getRepository(Salon::class)->count() > 0) {
            return self::SUCCESS;
        }
        $this->manager
            ->getConnection()
            ->executeStatement('UPDATE one_time_link SET until_at = made_at WHERE kind = ? AND used_at IS NULL', [
                OneTimeLink::BEGIN,
            ]);
        $link = new OneTimeLink(OneTimeLink::BEGIN, $this->clock->now(), self::VALID);
        $this->manager->persist($link);
        $this->manager->flush();
        $output->writeln($this->links->path($link));

        return self::SUCCESS;
    }
}
