<?php

/** The floor: today as it runs, who fetches a dog, and what somebody without a date would wait. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Book\Dogs;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Floor\Http\UnchangedLook;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class FloorController
{
    public function __construct(
        private FloorReader $floor,
        private UnchangedLook $unchanged,
        private Commands $commands,
    ) {
    }

    #[Route('/api/floor', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Today as it runs: who is here, where, until when; what is late and what to move',
        gives: FloorView::class,
    )]
    public function floor(Actor $actor, Request $request): Response
    {
        $mark = $this->unchanged->mark($request, $actor);
        if (Json::matches($request, $mark)) {
            return Json::notModified($mark);
        }

        return Json::withEtag(Json::response($this->floor->view($actor)), $mark);
    }

    #[Route('/api/floor/desk', methods: ['GET'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Who asks to be rung, has not answered, is overdue without a date', gives: FrontDeskView::class)]
    public function desk(Actor $actor, FrontDesk $desk): Response
    {
        return Json::response($desk->view($actor));
    }

    #[Route('/api/dogs/{id}/walk-in', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What a dog would wait that comes now without a date',
        gives: WalkInView::class,
        query: ['kind' => 'of the visit, nails by default'],
    ),]
    public function walkIn(Actor $actor, string $id, Request $request, Dogs $dogs, WalkIns $walkIns): Response
    {
        $kind = Shape::enum(Service::class, 'kind')->read($request->query->getString('kind', 'nails'), 'kind');
        \assert(\is_string($kind));

        return Json::response($walkIns->of($actor, $dogs->get($actor, $id), Service::from($kind)));
    }

    #[Route('/api/arrivals/{id}/collected', methods: ['PUT'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Hand a dog over to who fetches it', gives: FloorView::class)]
    public function collect(Actor $actor, string $id, #[FromBody] CollectedForm $form, Key $key): Response
    {
        $done = $this->commands->run(new CollectDog($id, $form), $actor, $key);

        return Answer::to($done, $this->floor->view($actor));
    }

    #[Route('/api/arrivals/{id}/collected', methods: ['DELETE'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('It is still here: taken back', gives: FloorView::class)]
    public function takeBack(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new CollectDog($id, null), $actor, $key);

        return Answer::to($done, $this->floor->view($actor));
    }
}
