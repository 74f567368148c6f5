<?php

/** Sign in, see who is signed in, change person by PIN, sign out. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Security\FirstSignIn;
use KeenThistle\Staff\Security\SignedIn;
use KeenThistle\Staff\Security\SignedInSession;
use KeenThistle\Staff\Security\SignInAuthenticator;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Routing\Attribute\Route;

final readonly class SessionController
{
    public function __construct(
        private Scope $scope,
        private WhoAmI $whoAmI,
        private SignedInSession $signedIn,
        private Throttle $throttle,
        private Pins $pins,
        private OtherSalons $salons,
        private SignIns $signIns,
        private PasswordHasherFactoryInterface $hashers,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/session', methods: ['POST'])]
    #[Endpoint('Sign in', gives: SessionView::class, takes: [SignInAuthenticator::class, 'shape'])]
    public function signIn(): never
    {
        throw new \LogicException('The authenticator answers this route.');
    }

    #[Route('/api/session', methods: ['GET'])]
    #[Endpoint('Who is signed in', gives: SessionView::class)]
    public function show(Actor $actor): Response
    {
        return Json::response($this->whoAmI->of($this->scope->person($actor)));
    }

    #[Route('/api/session/person', methods: ['POST'])]
    #[Endpoint('Change person on a shared tablet, or to one\'s other salon', gives: SessionView::class)]
    public function changePerson(Actor $actor, Request $request, #[FromBody] PersonForm $form): Response
    {
        $session = $request->getSession();
        if ($session->get(FirstSignIn::ON) !== $this->scope->today($actor)->format('Y-m-d')) {
            throw Refused::forbidden('The first sign-in of the day needs a password.');
        }
        // One person at a time, in one salon at a time: the sign-in here is over when the next begins.
        $next =
            $this->salons->elsewhere($actor, $form->staff) ??
            $this->scope->get($actor, Staff::class, $form->staff, $this->manager, 'person');
        $this->throttle->attempt(['salon_pins' => (string) $next->salon->id]);
        $this->pins->attempt($next);
        if (!$next->active || !$this->hashers->getPasswordHasher(SignedIn::class)->verify($next->pinHash, $form->pin)) {
            $this->pins->failed($next, $this->scope->person($actor), (string) $request->getClientIp());
            $this->signIns->note(Actor::of($next), 'refused', (string) $request->headers->get('User-Agent'));
            throw Refused::field('pin', 'is not the PIN of '.$next->name);
        }
        $this->throttle->succeeded(['salon_pins' => (string) $next->salon->id]);
        $this->pins->forgive($next);
        $this->signedIn->begin($session, SignedIn::of($next), 'pin');

        return Json::response($this->whoAmI->of($next));
    }

    #[Route('/api/session', methods: ['DELETE'])]
    #[Endpoint('Sign out', status: 204)]
    public function signOut(Request $request): Response
    {
        $this->signedIn->over($request->getSession());
        $request->getSession()->invalidate();

        return Json::response(null);
    }
}
