<?php

/** Where a one-time link leads: begin a salon, join one, choose a new password. Needs no sign-in; ends signed in. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Security\FirstSignIn;
use KeenThistle\Staff\SessionView;
use KeenThistle\Staff\Staff;
use KeenThistle\Staff\WhoAmI;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class EnterController
{
    public function __construct(
        private OneTimeLinks $links,
        private Newcomers $newcomers,
        private FirstSignIn $signIn,
        private WhoAmI $whoAmI,
    ) {
    }

    #[Route('/api/enter/{token}', methods: ['GET'])]
    #[Endpoint('What a one-time link opens', gives: EnterView::class)]
    public function look(string $token): Response
    {
        return Json::response(EnterView::of($this->links->open($token)));
    }

    #[Route('/api/enter/{token}/salon', methods: ['POST'])]
    #[Endpoint('Begin a salon, with its first place and manager', gives: SessionView::class, status: 201)]
    public function begin(Request $request, string $token, #[FromBody] Begin $begin): Response
    {
        $link = $this->opened($request, $token, OneTimeLink::BEGIN);

        return $this->in($request, $this->newcomers->begin($begin, $link));
    }

    #[Route('/api/enter/{token}/person', methods: ['POST'])]
    #[Endpoint('Join the salon one was invited to', gives: SessionView::class, status: 201)]
    public function join(Request $request, string $token, #[FromBody] Join $join): Response
    {
        $link = $this->opened($request, $token, OneTimeLink::JOIN);

        return $this->in($request, $this->newcomers->join($join, $link));
    }

    #[Route('/api/enter/{token}/password', methods: ['POST'])]
    #[Endpoint('Choose a new password', gives: SessionView::class, status: 201)]
    public function password(Request $request, string $token, #[FromBody] NewPassword $new): Response
    {
        $link = $this->opened($request, $token, OneTimeLink::RESET);

        return $this->in($request, $this->newcomers->choosePassword($new, $link));
    }

    /** Only as JSON, which no other site's page can send without being asked about it. */
    private function opened(Request $request, string $token, string $kind): OneTimeLink
    {
        if ('json' !== $request->getContentTypeFormat()) {
            throw Refused::badRequest('Enter with JSON.');
        }
        $link = $this->links->open($token);

        return $kind === $link->kind ? $link : throw Refused::badRequest('This link is for something else.');
    }

    private function in(Request $request, Staff $person): Response
    {
        $this->signIn->begin($request->getSession(), $person);

        return Json::response($this->whoAmI->of($person), 201);
    }
}
