<?php

/** Begins a salon without a browser: asks what the page would ask, and says what is wrong in the same words. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Input\Form;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('thistle:salon', 'Begins a salon, with its first place and its first manager')]
final class SalonCommand extends Command
{
    /** field => [question, answer where none is given] */
    private const ASKED = [
        'salon' => ['Name of the salon', null],
        'time_zone' => ['Time zone', 'UTC'],
        'currency' => ['Currency', 'EUR'],
        'hemisphere' => ['Hemisphere, north or south', 'north'],
        'units' => ['Units, metric or us (pounds, and inches before millimetres)', 'metric'],
        'language' => ['Language, en or en-US', 'en'],
        'place' => ['First place, as you call it', 'Salon'],
        'place_kind' => ['Is it a room or a van', 'room'],
        'name' => ['Name of the first manager', null],
        'login' => ['Their sign-in name', null],
    ];
    private const SECRET = [
        'password' => 'Their password, 12 letters or more',
        'pin' => 'Their PIN, four to eight digits',
    ];

    public function __construct(private readonly Newcomers $newcomers)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        foreach (self::ASKED as $field => [$question]) {
            $this->addOption(str_replace('_', '-', $field), null, InputOption::VALUE_REQUIRED, $question);
        }
        $this->setHelp('Password and PIN are asked for, or read from THISTLE_PASSWORD and THISTLE_PIN.');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $io = new SymfonyStyle($input, $output);
        $given = [];
        foreach (self::ASKED as $field => [$question, $usual]) {
            $given[$field] = $input->getOption(str_replace('_', '-', $field)) ?? $io->ask($question, $usual);
        }
        foreach (self::SECRET as $field => $question) {
            $kept = $_SERVER['THISTLE_'.strtoupper($field)] ?? null;
            $given[$field] = \is_string($kept) ? $kept : $io->askHidden($question);
        }
        try {
            $begin = Form::make(Begin::class, Form::shape(Begin::class)->fields((object) $given));
            $manager = $this->newcomers->begin($begin, null);
        } catch (InvalidInput $e) {
            foreach ($e->all() as $fault) {
                $io->error($fault['field'].' '.$fault['message']);
            }

            return self::FAILURE;
        }
        $io->success($manager->salon->name." is begun. Sign in as $manager->login.");

        return self::SUCCESS;
    }
}
