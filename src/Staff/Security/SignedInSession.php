<?php

/** What a session knows of who is signed in: whose it is, and enough to notice that something of them has changed. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Staff\Actors;
use Symfony\Component\HttpFoundation\Session\SessionInterface;
use Symfony\Component\Uid\Uuid;

final readonly class SignedInSession
{
    private const KEY = 'thistle.who';

    public function __construct(private Actors $actors)
    {
    }

    /** Under a new id: one that somebody planted before opens nothing. */
    public function begin(SessionInterface $session, SignedIn $who): void
    {
        $session->migrate(true);
        $session->set(self::KEY, ['staff' => (string) $who->actor->staff, 'is' => $who->fingerprint()]);
    }

    /** @return SignedIn|null null: nobody, or somebody with another password, name or role since */
    public function who(SessionInterface $session): ?SignedIn
    {
        $kept = $session->get(self::KEY);
        if (!\is_array($kept) || !\is_string($kept['staff'] ?? null) || !Uuid::isValid($kept['staff'])) {
            return null;
        }
        $known = $this->actors->of(Uuid::fromString($kept['staff']));
        $who = null === $known ? null : new SignedIn(...$known);
        if ($who?->fingerprint() === ($kept['is'] ?? null)) {
            return $who;
        }
        $session->remove(self::KEY);

        return null;
    }
}
