<?php

/** How the house is, for the manager. */

declare(strict_types=1);

namespace KeenThistle\Upkeep;

use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class UpkeepController
{
    public function __construct(private UpkeepReader $upkeep)
    {
    }

    #[Route('/api/upkeep', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('How the house is: worker, copies, disk, what is new', gives: UpkeepView::class)]
    public function __invoke(Actor $actor): Response
    {
        return Json::response($this->upkeep->view($actor));
    }
}
