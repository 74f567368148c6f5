<?php

/** The diary: a day laid out, and how full a week is. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Book\Dogs;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class AgendaController
{
    public function __construct(private AgendaReader $agenda, private Scope $scope)
    {
    }

    #[Route('/api/agenda', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A day laid out: who does what to which dog where and when; what has no place',
        gives: AgendaView::class,
        query: ['on' => 'the day, today by default'],
    ),]
    public function day(Actor $actor, Request $request): Response
    {
        return Json::response($this->agenda->day($actor, $this->asked($actor, $request, 'on')));
    }

    #[Route('/api/agenda/week', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'How full seven days are: minutes that are booked against minutes of those who are there',
        gives: AgendaWeekView::class,
        query: ['from' => 'the first day, today by default'],
    ),]
    public function week(Actor $actor, Request $request): Response
    {
        return Json::response($this->agenda->week($actor, $this->asked($actor, $request, 'from')));
    }

    #[Route('/api/dogs/{id}/proposals', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Dates to offer for a dog: those that keep its clock first',
        gives: ProposalsView::class,
        query: [
            'kind' => 'of the visit, a full groom by default',
            'due' => 'the last day that keeps the clock, as the dog’s clocks say by default',
            'moving' => 'a booking that would be given up for it',
        ],
    ),]
    public function proposals(Actor $actor, string $id, Request $request, Dogs $dogs, Proposals $proposals): Response
    {
        $kind = Shape::enum(Service::class, 'kind')->read($request->query->getString('kind', 'full'), 'kind');
        \assert(\is_string($kind));

        return Json::response(
            $proposals->of(
                $actor,
                $dogs->get($actor, $id),
                Service::from($kind),
                '' === $request->query->getString('due') ? null : $this->asked($actor, $request, 'due'),
                $request->query->getString('moving'),
            ),
        );
    }

    private function asked(Actor $actor, Request $request, string $name): \DateTimeImmutable
    {
        $day = $request->query->getString($name);
        if ('' === $day) {
            return $this->scope->today($actor);
        }
        $day = Shape::date()->read($day, $name);
        \assert($day instanceof \DateTimeImmutable);

        return $day;
    }
}
