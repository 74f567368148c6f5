<?php

/** The log: who changed what, newest first. */

declare(strict_types=1);

namespace KeenThistle\Log;

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

final readonly class LogController
{
    public function __construct(private LogReader $log)
    {
    }

    #[Route('/api/log', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Who changed what, newest first',
        gives: LogView::class,
        query: ['dog' => 'only this dog', 'cursor' => 'the next page'],
    )]
    public function list(Actor $actor, Request $request): Response
    {
        return Json::response($this->log->page($actor, self::id($request, 'dog'), self::id($request, 'cursor')));
    }

    private static function id(Request $request, string $name): ?Uuid
    {
        $id = $request->query->getString($name);
        if ('' === $id) {
            return null;
        }

        return Uuid::isValid($id) ? Uuid::fromString($id) : throw Refused::notFound($name);
    }
}
