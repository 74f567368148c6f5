<?php

/** Prints the open format of a salon as a JSON Schema. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('thistle:formats', 'Prints the format in which a salon is taken along')]
final class FormatsCommand extends Command
{
    public function __construct(private readonly SalonFormat $format)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $output->writeln(json_encode(
            $this->format->schema(),
            \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES,
        ));

        return self::SUCCESS;
    }
}
