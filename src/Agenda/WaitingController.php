<?php

/** The waiting list: who would come sooner, and where a day has room for them. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Diary\WaitForPlace;
use KeenThistle\Diary\WaitingForm;
use KeenThistle\Diary\WaitNoMore;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class WaitingController
{
    public function __construct(private WaitingList $list, private Commands $commands, private Scope $scope)
    {
    }

    #[Route('/api/waiting', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Who waits for a place on a day, and where there is one',
        gives: WaitingView::class,
        query: ['on' => 'the day, today by default'],
    ),]
    public function list(Actor $actor, Request $request): Response
    {
        $on = $request->query->getString('on');
        $day = '' === $on ? $this->scope->today($actor) : Shape::date()->read($on, 'on');
        \assert($day instanceof \DateTimeImmutable);

        return Json::response($this->list->on($actor, $day));
    }

    #[Route('/api/dogs/{id}/waiting', methods: ['POST'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Put a dog on the waiting list; said again, it waits for what was said last', gives: WaitingView::class)]
    public function wait(Actor $actor, string $id, #[FromBody] WaitingForm $form, Key $key): Response
    {
        $done = $this->commands->run(new WaitForPlace($id, $form), $actor, $key);

        return Answer::to($done, $this->list->on($actor, $form->since));
    }

    #[Route('/api/waiting/{id}', methods: ['DELETE'])]
    #[IsGranted(May::BOOK)]
    #[Endpoint('Take a dog off the waiting list', gives: WaitingView::class)]
    public function noMore(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new WaitNoMore($id), $actor, $key);

        return Answer::to($done, $this->list->on($actor, $this->scope->today($actor)));
    }
}
