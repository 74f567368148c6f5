<?php

/** Knows a programme by the token that it was let in with. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Refusal\Refused;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;

final class TokenAuthenticator extends AbstractAuthenticator
{
    public function __construct(private readonly Tokens $tokens)
    {
    }

    public function supports(Request $request): bool
    {
        return $request->headers->has('Authorization');
    }

    public function authenticate(Request $request): SelfValidatingPassport
    {
        $given = $request->headers->get('Authorization', '');
        $who = 1 === preg_match('/^Bearer ([0-9a-f]{64})$/D', (string) $given, $found)
            ? $this->tokens->who($found[1])
            : null;
        $who ??= throw new UserNotFoundException();

        return new SelfValidatingPassport(new UserBadge($who->getUserIdentifier(), static fn (): SignedIn => $who));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    /** Never as somebody else: a session that came along does not stand in for a token that opens nothing. */
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return Json::problem(Problem::of(Refused::tokenNeeded()));
    }
}
