<?php

/** Takes a whole salon in on the server itself, however large its file is. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use Doctrine\DBAL\Connection;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actors;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\Uid\Uuid;

#[AsCommand('thistle:take-in', 'Takes a whole salon in from its file, into one that has no dogs yet')]
final class TakeInCommand extends Command
{
    public function __construct(
        private readonly Commands $commands,
        private readonly Actors $actors,
        private readonly Connection $db,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('file', InputArgument::REQUIRED, 'the zip as it was taken along, or its salon.json')
            ->addArgument('salon', InputArgument::REQUIRED, 'name of the salon here that it is taken into');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $io = new SymfonyStyle($input, $output);
        [$file, $name] = [Row::text($input->getArgument('file')), Row::text($input->getArgument('salon'))];
        $salons = $this->db->fetchFirstColumn('SELECT id FROM salon WHERE name = ?', [$name]);
        if (1 !== \count($salons)) {
            $io->error([] === $salons ? "There is no salon $name." : "There are several salons $name.");

            return self::FAILURE;
        }
        try {
            $actor = $this->actors->inNameOf(Uuid::fromBinary(Row::text($salons[0])));
            $key = new Key('take-in-'.bin2hex(random_bytes(12)));
            $done = $this->commands->run(new TakeSalonIn($file), $actor, $key);
        } catch (InvalidInput $e) {
            foreach ($e->all() as $fault) {
                $io->error("$fault[field] $fault[message]");
            }

            return self::FAILURE;
        } catch (Refused $e) {
            $io->error($e->getMessage());

            return self::FAILURE;
        }
        $rows = Row::int($done->kept['rows'] ?? 0);
        $io->success("$rows rows are taken in. Its people choose a password by a link, from People and places.");

        return self::SUCCESS;
    }
}
