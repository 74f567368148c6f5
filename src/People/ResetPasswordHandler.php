<?php

/** Makes a link for a new password: nobody but its person ever sets it. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<ResetPassword> */
final readonly class ResetPasswordHandler implements Handler
{
    private const VALID = '+1 day';

    public function __construct(
        private Scope $scope,
        private EntityManagerInterface $manager,
        private Letters $letters,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $person = $this->scope->get($actor, Staff::class, $command->person, $this->manager, 'person');
        if (!$person->active) {
            throw Refused::conflict("$person->name works here no more. Have them back first.");
        }
        $link = new OneTimeLink(OneTimeLink::RESET, $this->clock->now(), self::VALID);
        $link->salon = $person->salon;
        $link->staff = $person;
        $link->name = $person->name;
        $link->to = $person->email;
        $this->manager->persist($link);
        $by = $this->scope->person($actor);
        $this->letters->send($link, $by, "$by->name lets you choose a new password.", $command->address);
        $words = "$person->name may choose a new password";

        return new Outcome(['link' => (string) $link->id], [new Entry(null, 'person', (string) $person->id, $words)]);
    }
}
