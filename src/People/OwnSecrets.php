<?php

/** Changes one's own password or PIN, asked for the password. No command: the wish of one is kept as a quick hash. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Log\ChangeLog;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Pins;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Security\SignedIn;
use KeenThistle\Staff\Staff;
use KeenThistle\Staff\Throttle;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

final readonly class OwnSecrets
{
    public function __construct(
        private Scope $scope,
        private EntityManagerInterface $manager,
        private Passwords $passwords,
        private PasswordHasherFactoryInterface $hashers,
        private Throttle $throttle,
        private Pins $pins,
        private ChangeLog $log,
    ) {
    }

    /** The person as they are now: other devices know another one, and are signed out. */
    public function password(Actor $actor, OwnPassword $own): Staff
    {
        $person = $this->known($actor, $own->old, 'old');
        $names = [$person->name, $person->login, $person->salon->name];
        $person->passwordHash = $this->passwords->hash($own->new, 'new', $names);
        $this->keep($actor, $person, "$person->name has changed their password");

        return $person;
    }

    public function pin(Actor $actor, OwnPin $own): void
    {
        $person = $this->known($actor, $own->password, 'password');
        PinRule::hold($own->pin, 'pin');
        $person->pinHash = $this->hashers->getPasswordHasher(SignedIn::class)->hash($own->pin);
        $this->keep($actor, $person, "$person->name has changed their PIN");
        $this->pins->forgive($person);
    }

    private function known(Actor $actor, string $password, string $field): Staff
    {
        $person = $this->scope->person($actor);
        $scopes = ['person' => (string) $person->id];
        $this->throttle->attempt($scopes);
        if (!$this->passwords->isRight($password, $person->passwordHash)) {
            throw Refused::field($field, 'is not your password');
        }
        $this->throttle->succeeded($scopes);

        return $person;
    }

    private function keep(Actor $actor, Staff $person, string $words): void
    {
        $this->manager->wrapInTransaction(function () use ($actor, $person, $words): void {
            $this->manager->flush();
            $this->log->write($actor, [new Entry(null, 'person', (string) $person->id, $words)]);
        });
    }
}
