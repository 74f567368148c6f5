<?php

/** Signs a person in by name and password. */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use KeenThistle\Core\Input\Shape;
use KeenThistle\Http\Body;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Pins;
use KeenThistle\Staff\SignIns;
use KeenThistle\Staff\Staff;
use KeenThistle\Staff\Throttle;
use KeenThistle\Staff\WhoAmI;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Credentials\PasswordCredentials;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;

final class SignInAuthenticator extends AbstractAuthenticator
{
    public function __construct(
        private readonly StaffProvider $staff,
        private readonly FirstSignIn $signIn,
        private readonly Throttle $throttle,
        private readonly Pins $pins,
        private readonly SignIns $signIns,
        private readonly PasswordHasherFactoryInterface $hashers,
        private readonly WhoAmI $whoAmI,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'login' => Shape::text(1, 80)->required()->describe('sign-in name'),
            'password' => Shape::text(1, 200)->required()->describe('password'),
        ]);
    }

    public function supports(Request $request): bool
    {
        return $request->isMethod('POST') && '/api/session' === $request->getPathInfo();
    }

    public function authenticate(Request $request): Passport
    {
        if ('json' !== $request->getContentTypeFormat()) {
            throw Refused::badRequest('Sign in with JSON.');
        }
        $body = Body::read($request, self::shape());
        $login = trim($body->text('login'));
        $staff = $this->staff->known($login);
        $this->throttle->attempt(self::scopes($staff, $login, (string) $request->getClientIp()));

        return new Passport(
            new UserBadge('' === $login ? ' ' : $login, function () use ($staff, $body): SignedIn {
                if (null === $staff) {
                    // Takes as long as a wrong password, so that names cannot be guessed by the clock.
                    $this->hashers->getPasswordHasher(SignedIn::class)->hash($body->text('password'));
                    throw new UserNotFoundException();
                }

                return SignedIn::of($staff);
            }),
            new PasswordCredentials($body->text('password')),
        );
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): Response
    {
        $staff = $this->staff->known($token->getUserIdentifier());
        \assert($staff instanceof Staff);
        $this->throttle->succeeded(self::scopes($staff, '', (string) $request->getClientIp()));
        $this->signIn->begin($request->getSession(), $staff);
        $answer = $this->whoAmI->of($staff);
        // Told once, in this answer; from now on their PIN is enough again.
        $this->pins->forgive($staff);

        return Json::response($answer);
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        $login = Body::read($request, self::shape())->text('login');
        $staff = $this->staff->known(trim($login));
        if (null !== $staff) {
            $this->signIns->note(Actor::of($staff), 'refused', (string) $request->headers->get('User-Agent'));
        }

        return Json::problem(Problem::of(Refused::wrongCredentials('Name or password is wrong.')));
    }

    /**
     * By the account that was found, so that accents and invisible signs in a name make no other account of it.
     *
     * @return array<string, string>
     */
    private static function scopes(?Staff $staff, string $login, string $address): array
    {
        $network = Throttle::network($address);
        $plain = \Normalizer::normalize(mb_strtolower($login), \Normalizer::FORM_KD);
        $who =
            null === $staff
                ? 'name '.preg_replace('/[\p{M}\p{C}\s]+/u', '', \is_string($plain) ? $plain : $login)
                : (string) $staff->id;

        return ['person_here' => "$who from $network", 'person' => $who, 'network' => $network];
    }
}
