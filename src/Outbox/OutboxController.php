<?php

/** The outbox: what would have gone out to owners, and sending again what did not. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class OutboxController
{
    public function __construct(private Messages $messages, private Commands $commands)
    {
    }

    #[Route('/api/outbox', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What would have gone out, newest first',
        gives: OutboxView::class,
        query: ['cursor' => 'the next page'],
    )]
    public function __invoke(Actor $actor, Request $request): Response
    {
        $cursor = $request->query->getString('cursor');
        if ('' !== $cursor && !Uuid::isValid($cursor)) {
            throw Refused::notFound('cursor');
        }

        return Json::response($this->messages->page($actor, '' === $cursor ? null : Uuid::fromString($cursor)));
    }

    #[Route('/api/outbox/{id}/again', methods: ['POST'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint('Send a message again that did not go out', gives: OutboxView::class)]
    public function again(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new SendAgain($id), $actor, $key);

        return Answer::to($done, $this->messages->page($actor, null));
    }
}
