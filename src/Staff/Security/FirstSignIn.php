<?php

/** Signs a person in who has just said their password, in whatever way: their PIN is enough for the rest of the day. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Session\SessionInterface;

final readonly class FirstSignIn
{
    /** Session key: the day of the last sign-in with a password; a PIN is enough only on that day. */
    public const ON = 'thistle.signed_in_on';

    public function __construct(private SignedInSession $signedIn, private ClockInterface $clock)
    {
    }

    public function begin(SessionInterface $session, Staff $person): void
    {
        $this->signedIn->begin($session, SignedIn::of($person), 'password');
        $session->set(self::ON, Actor::of($person)->day($this->clock->now())->format('Y-m-d'));
    }
}
