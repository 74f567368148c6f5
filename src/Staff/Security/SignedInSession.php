<?php

/** What a session knows of who is signed in: whose it is, and enough to notice that something of them has changed. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Staff\Actors;
use KeenThistle\Staff\SignIns;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpFoundation\Session\SessionInterface;
use Symfony\Component\Uid\Uuid;

final readonly class SignedInSession
{
    private const KEY = 'thistle.who';

    public function __construct(private Actors $actors, private SignIns $signIns, private RequestStack $requests)
    {
    }

    /**
     * Under a new id: one that somebody planted before opens nothing.
     *
     * @param string $how password or pin
     */
    public function begin(SessionInterface $session, SignedIn $who, string $how): void
    {
        $this->over($session);
        $session->migrate(true);
        $session->set(self::KEY, [
            'staff' => (string) $who->actor->staff,
            'is' => $who->fingerprint(),
            'in' => $this->signIns->note(
                $who->actor,
                $how,
                (string) $this->requests->getMainRequest()?->headers->get('User-Agent', ''),
            ),
        ]);
    }

    /** The sign-in of this session is over; the session itself may go on with the next. */
    public function over(SessionInterface $session): void
    {
        $id = $this->id($session);
        if ('' !== $id) {
            $this->signIns->over($id);
        }
    }

    /** Id of the sign-in; "": nobody is signed in. */
    public function id(SessionInterface $session): string
    {
        $kept = $session->get(self::KEY);
        $id = \is_array($kept) ? $kept['in'] ?? '' : '';

        return \is_string($id) && Uuid::isValid($id) ? $id : '';
    }

    /** @return SignedIn|null null: nobody, somebody with another password, name or role since, or one that was ended */
    public function who(SessionInterface $session): ?SignedIn
    {
        $kept = $session->get(self::KEY);
        $id = $this->id($session);
        if (!\is_array($kept) || '' === $id || !\is_string($kept['staff'] ?? null) || !Uuid::isValid($kept['staff'])) {
            return null;
        }
        $known = $this->actors->of(Uuid::fromString($kept['staff']), $id);
        $who = null === $known ? null : new SignedIn(...$known);
        if ($who?->fingerprint() === ($kept['is'] ?? null)) {
            return $who;
        }
        $session->remove(self::KEY);

        return null;
    }
}
