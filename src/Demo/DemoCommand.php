<?php

/** Loads the demo salon, and prints who can sign in. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Agenda\DueDays;
use KeenThistle\Salon\Salon;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('thistle:demo', 'Loads the demo salon')]
final class DemoCommand extends Command
{
    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly DemoLoader $loader,
        private readonly DueDays $due,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption(
            'if-empty',
            null,
            InputOption::VALUE_NONE,
            'Do nothing when there is a salon already',
        )
            ->addOption('few', null, InputOption::VALUE_NONE, 'Only the dogs that have a story, for tests')
            ->addOption('sign-ins', null, InputOption::VALUE_NONE, 'Only print who can sign in');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (true === $input->getOption('sign-ins')) {
            foreach (DemoLoader::PEOPLE as $login => [$name, $role, $pin]) {
                $output->writeln(\sprintf('  %-7s %-16s %-15s PIN %s', $login, $name, $role->label(), $pin));
            }
            $output->writeln('  sunniva Sunniva Wold     manager of another salon, PIN 6414');

            return self::SUCCESS;
        }
        if ($this->manager->getRepository(Salon::class)->count() > 0) {
            if (true === $input->getOption('if-empty')) {
                return self::SUCCESS;
            }
            $output->writeln('<error>There is a salon already; start with bin/start --fresh.</error>');

            return self::FAILURE;
        }
        $output->writeln('  … loading the demo salon');
        $this->manager->wrapInTransaction(fn (): Salon => $this->loader->load(
            $this->clock->now(),
            true !== $input->getOption('few'),
        ));

        // Who is overdue is known from the first look on.
        while (0 < $this->due->whenStale()) {
            continue;
        }

        return self::SUCCESS;
    }
}
