<?php

/** Work behind the scenes: how far it has come, what failed, trying that again. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class WorkController
{
    public function __construct(private Jobs $jobs, private Commands $commands)
    {
    }

    #[Route('/api/jobs/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('How far a job behind the scenes has come', gives: JobView::class)]
    public function one(Actor $actor, string $id): Response
    {
        return Json::response($this->jobs->view($actor, $id));
    }

    #[Route('/api/jobs', methods: ['GET'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint('Work behind the scenes that failed', gives: WorkView::class)]
    public function failed(Actor $actor): Response
    {
        return Json::response(new WorkView($this->jobs->failed($actor)));
    }

    #[Route('/api/jobs/{id}/again', methods: ['POST'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint('Try a job again that failed, from where it stopped', gives: JobView::class)]
    public function again(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new TryAgain($id), $actor, $key);

        return Answer::to($done, $this->jobs->view($actor, $id));
    }
}
