<?php

/**
 * The token that a page sends with its writes: one a session and person, so that a second tab's sign-in kills no
 * other's.
 */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\Uid\Uuid;

/**
 * Kept in the session under a name of ours: the framework's own store is emptied at every sign-in, after the answer
 * was made.
 */
final readonly class CsrfToken
{
    private const KEY = 'thistle.csrf';

    public function __construct(private RequestStack $requests)
    {
    }

    /** The same for as long as this person is signed in; another person gets another one. */
    public function of(Uuid $staff): string
    {
        $session = $this->requests->getSession();
        $kept = $session->get(self::KEY);
        if (\is_array($kept) && (string) $staff === ($kept['staff'] ?? null) && \is_string($kept['token'] ?? null)) {
            return $kept['token'];
        }
        $token = bin2hex(random_bytes(24));
        $session->set(self::KEY, ['staff' => (string) $staff, 'token' => $token]);

        return $token;
    }

    public function isValid(Uuid $staff, string $given): bool
    {
        $kept = $this->requests->getSession()->get(self::KEY);

        return \is_array($kept)
            && (string) $staff === ($kept['staff'] ?? null)
            && \is_string($kept['token'] ?? null)
            && hash_equals($kept['token'], $given);
    }
}
