<?php

/**
 * After the firewall: checks the CSRF token of writes, keeps the person to their salon, and lets go of the session
 * early.
 */

declare(strict_types=1);

namespace KeenThistle\Staff\Security;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Acting;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ControllerEvent;

/** Before the role checks of #[IsGranted] (priority 20), so that a forged request learns nothing. */
#[AsEventListener(priority: 30)]
final readonly class RequestGuard
{
    public function __construct(
        private Security $security,
        private SalonOfRequest $salon,
        private EntityManagerInterface $manager,
        private CsrfToken $csrf,
        private Acting $acting,
        private Tokens $tokens,
    ) {
    }

    public function __invoke(ControllerEvent $event): void
    {
        $request = $event->getRequest();
        $path = $request->getPathInfo();
        // Who enters by a one-time link is nobody yet: the link is what opens.
        if (!str_starts_with($path, '/api/') || '/api/health' === $path || str_starts_with($path, '/api/enter/')) {
            return;
        }
        $who = $this->security->getUser();
        if (!$who instanceof SignedIn) {
            throw Refused::signInNeeded();
        }
        $this->acting->is($who->actor);
        if (null !== $who->programme) {
            $this->programme($who, $who->programme, $path);

            return;
        }
        $token = $request->headers->get('X-CSRF-Token', '');
        if (!$request->isMethodSafe() && !$this->csrf->isValid($who->actor->staff, $token)) {
            throw Refused::forbidden('This page is out of date. Reload it and try again.');
        }
        $this->salon->is($who->actor, $this->manager);
        if (!str_starts_with($request->getPathInfo(), '/api/session')) {
            $request->getSession()->save();
        }
    }

    /** It has no session, so nobody can make a browser ask in its place; what is of a person's own is not for it. */
    private function programme(SignedIn $who, string $id, string $path): void
    {
        $this->tokens->count($id);
        if (1 === preg_match('#^/api/(session|me|away)(/|$)#', $path)) {
            throw Refused::forbidden('This is for people: a programme has no sign-in of its own to change.');
        }
        $this->salon->is($who->actor, $this->manager);
    }
}
