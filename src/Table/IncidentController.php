<?php

/** Incidents of the salon, and how often each tool has its part in one. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class IncidentController
{
    public function __construct(private Incidents $incidents)
    {
    }

    #[Route('/api/incidents', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Incidents of the last year, newest first, with rates by tool', gives: IncidentsView::class)]
    public function __invoke(Actor $actor): Response
    {
        return Json::response($this->incidents->lastYear($actor));
    }
}
