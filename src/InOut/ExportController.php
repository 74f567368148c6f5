<?php

/** Everything of a salon, to take along: begun, seen on its way, fetched. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Work\Jobs;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class ExportController
{
    public function __construct(private Exports $exports, private Commands $commands, private Jobs $jobs)
    {
    }

    #[Route('/api/exports', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Exports that can be fetched', gives: ExportsView::class)]
    public function list(Actor $actor): Response
    {
        return Json::response(new ExportsView($this->exports->all($actor), null));
    }

    #[Route('/api/exports', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Export everything of the salon; the worker does it', gives: ExportsView::class, status: 202)]
    public function begin(Actor $actor, #[FromBody] ExportForm $form, Key $key): Response
    {
        $done = $this->commands->run(new BeginExport($form->papers), $actor, $key);
        $job = $this->jobs->view($actor, $done->id('job'));

        return Answer::to($done, new ExportsView($this->exports->all($actor), $job), 202);
    }

    #[Route('/api/exports/{id}', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('An export as a zip')]
    public function fetch(Actor $actor, string $id): Response
    {
        $response = new BinaryFileResponse($this->exports->file($actor, $id), 200, [
            'Content-Type' => 'application/zip',
            'Cache-Control' => 'private, no-store',
        ]);

        return $response->setContentDisposition('attachment', 'salon.zip');
    }
}
