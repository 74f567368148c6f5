<?php

/** Then and now. */

declare(strict_types=1);

namespace KeenThistle\Outlook;

use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class ThenController
{
    public function __construct(private ThenReader $then)
    {
    }

    #[Route('/api/dogs/{id}/then', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A dog at two moments with what differs, and the weeks to come as sampled curves',
        gives: ThenView::class,
        query: ['a' => 'id of a visit, today or plan', 'b' => 'the same'],
    )]
    public function __invoke(Actor $actor, Request $request, string $id): Response
    {
        return Json::response(
            $this->then->view($actor, $id, $request->query->getString('a'), $request->query->getString('b')),
        );
    }
}
