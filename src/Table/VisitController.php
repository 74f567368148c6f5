<?php

/** Recording a visit. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class VisitController
{
    public function __construct(private Commands $commands)
    {
    }

    #[Route('/api/dogs/{id}/visits', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Record a visit; the same Idempotency-Key records it once', gives: RecordedView::class, status: 201)]
    public function create(Actor $actor, string $id, #[FromBody] VisitForm $visit, Key $key): Response
    {
        $done = $this->commands->run(new RecordVisit($id, $visit), $actor, $key);

        return Answer::to($done, new RecordedView($done->id('id'), $done->id('day')), 201);
    }
}
