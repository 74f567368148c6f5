<?php

/** One's own: password and PIN, where one is signed in, how the screens look. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\SalonForm;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\ScreenForm;
use KeenThistle\Staff\Security\FirstSignIn;
use KeenThistle\Staff\Security\SignedInSession;
use KeenThistle\Staff\SessionView;
use KeenThistle\Staff\SignIns;
use KeenThistle\Staff\SignInsView;
use KeenThistle\Staff\WhoAmI;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class MeController
{
    public function __construct(
        private OwnSecrets $secrets,
        private FirstSignIn $signIn,
        private SignedInSession $session,
        private SignIns $signIns,
        private WhoAmI $whoAmI,
        private WorksElsewhere $elsewhere,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/me/password', methods: ['PUT'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Change one\'s own password; every other device is signed out', gives: SessionView::class)]
    public function password(Actor $actor, Request $request, #[FromBody] OwnPassword $own): Response
    {
        $person = $this->secrets->password($actor, $own);
        $this->signIn->begin($request->getSession(), $person);

        return Json::response($this->whoAmI->of($person));
    }

    #[Route('/api/me/pin', methods: ['PUT'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Change one\'s own PIN', status: 204)]
    public function pin(Actor $actor, #[FromBody] OwnPin $own): Response
    {
        $this->secrets->pin($actor, $own);

        return Json::response(null);
    }

    #[Route('/api/me/screen', methods: ['PUT'])]
    #[IsGranted(May::READ)]
    #[Endpoint('How one\'s own screens look, on every device', gives: SessionView::class)]
    public function screen(Actor $actor, #[FromBody] ScreenForm $screen): Response
    {
        $person = $this->scope->person($actor);
        [$person->theme, $person->leftHanded] = [$screen->theme, $screen->left_handed];
        $person->language = $screen->language;
        $this->manager->flush();

        return Json::response($this->whoAmI->of($person));
    }

    #[Route('/api/me/salons', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('One works in another salon here as well, by the sign-in of there', gives: SessionView::class)]
    public function addSalon(Actor $actor, Request $request, #[FromBody] SalonForm $form): Response
    {
        $this->elsewhere->add($actor, $form, (string) $request->getClientIp());

        return $this->me($actor);
    }

    #[Route('/api/me/salons/{id}', methods: ['DELETE'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Not changed over to from here any more', gives: SessionView::class)]
    public function leaveSalon(Actor $actor, string $id): Response
    {
        $this->elsewhere->leave($actor, $id);

        return $this->me($actor);
    }

    #[Route('/api/me/sign-ins', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Where one is signed in', gives: SignInsView::class)]
    public function signIns(Actor $actor, Request $request): Response
    {
        return Json::response(
            new SignInsView($this->signIns->open($actor, $this->session->id($request->getSession()))),
        );
    }

    #[Route('/api/me/sign-ins/{id}', methods: ['DELETE'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Sign oneself out on another device', status: 204)]
    public function end(Actor $actor, string $id): Response
    {
        $this->signIns->end($actor, $id);

        return Json::response(null);
    }

    private function me(Actor $actor): Response
    {
        $this->manager->clear();

        return Json::response($this->whoAmI->of($this->scope->person($actor)));
    }
}
