<?php

/** Makes a link that expires, and sends it where there is an address; whoever invited can hand it over too. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<InvitePerson> */
final readonly class InvitePersonHandler implements Handler
{
    private const VALID = '+7 days';

    public function __construct(
        private Scope $scope,
        private EntityManagerInterface $manager,
        private Letters $letters,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $invite = $command->invite;
        $email = trim($invite->email);
        if ('' !== $email && false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
            throw InvalidInput::at('email', 'is no e-mail address');
        }
        $this->hold($email, $actor);
        $link = new OneTimeLink(OneTimeLink::JOIN, $this->clock->now(), self::VALID);
        $salon = $link->salon = $this->scope->salon($actor);
        $link->name = trim($invite->name);
        $link->to = $email;
        $link->role = $invite->role;
        $place = $invite->place ?? '';
        $link->place = '' === $place ? null : $this->scope->get($actor, Place::class, $place, $this->manager, 'place');
        $this->manager->persist($link);
        $by = $this->scope->person($actor);
        $this->letters->send($link, $by, "$by->name invites you to join $salon->name.", $command->address);
        $words = "$link->name invited as ".$invite->role->label();

        return new Outcome(['link' => (string) $link->id], [new Entry(null, 'person', (string) $link->id, $words)]);
    }

    /** One that a colleague has is theirs; whether another salon knows it is nobody's business here. */
    private function hold(string $email, Actor $actor): void
    {
        $whose = '' === $email
            ? []
            : $this->scope->rows(
                $actor,
                'SELECT name FROM staff WHERE salon_id = :salon AND active = 1 AND email = :email LIMIT 1',
                ['email' => $email],
            );
        if ([] !== $whose) {
            $name = $whose[0]['name'] ?? '';
            throw InvalidInput::at('email', \is_string($name) ? "is $name's, who works here already" : 'is taken');
        }
    }
}
