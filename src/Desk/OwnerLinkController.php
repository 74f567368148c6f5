<?php

/** Takes owners' links back. */

declare(strict_types=1);

namespace KeenThistle\Desk;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class OwnerLinkController
{
    public function __construct(private Commands $commands)
    {
    }

    #[Route('/api/agreements/{id}/link', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Take back the link to an owner\'s copy of an agreement', status: 204)]
    public function agreement(Actor $actor, string $id, Key $key): Response
    {
        return Answer::to($this->commands->run(new CloseAgreementLink($id), $actor, $key), null);
    }

    #[Route('/api/grooms/{id}/care-link', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Take back the link to a home-care sheet', status: 204)]
    public function care(Actor $actor, string $id, Key $key): Response
    {
        return Answer::to($this->commands->run(new CloseCareLink($id), $actor, $key), null);
    }
}
