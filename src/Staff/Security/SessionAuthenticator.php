<?php

/** Knows a person again by their session, in one small query; the session is let go of as soon as it is read. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;

/**
 * The firewall keeps nothing itself: its own keeping opens the session again for every answer, and one request of a
 * person would wait for the other.
 */
final class SessionAuthenticator extends AbstractAuthenticator
{
    public function __construct(private readonly SignedInSession $session)
    {
    }

    /** Null: only when somebody asks who it is. A token that came along stands alone. */
    public function supports(Request $request): ?bool
    {
        return $request->hasPreviousSession() && !$request->headers->has('Authorization') ? null : false;
    }

    public function authenticate(Request $request): SelfValidatingPassport
    {
        $who = $this->session->who($request->getSession()) ?? throw new UserNotFoundException();

        return new SelfValidatingPassport(new UserBadge($who->getUserIdentifier(), static fn (): SignedIn => $who));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    /** As nobody: where somebody is needed the entry point says so. */
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }
}
