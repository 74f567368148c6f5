<?php

/** One tap in an emergency: who to call and what the dog has; a device keeps it for when there is no network. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class EmergencyController
{
    public function __construct(private EmergencyReader $reader)
    {
    }

    #[Route('/api/emergency', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Who to call, the vet, weight and conditions of every dog that is here today, and of the one that is looked at',
        gives: EmergencyView::class,
        query: ['dog' => 'id of the dog whose page is open'],
    ),]
    public function __invoke(Actor $actor, Request $request): Response
    {
        return Json::response($this->reader->view($actor, $request->query->getString('dog')));
    }
}
