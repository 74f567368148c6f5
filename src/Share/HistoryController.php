<?php

/** Histories that travel: asked of another salon, looked at, taken back, taken along sealed. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class HistoryController
{
    public function __construct(private Histories $histories, private Commands $commands)
    {
    }

    #[Route('/api/dogs/{id}/histories', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What other salons know of a dog, and who else may see it', gives: HistoriesView::class)]
    public function list(Actor $actor, string $id): Response
    {
        return Json::response($this->histories->view($actor, $id));
    }

    #[Route('/api/dogs/{id}/histories/warnings', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What other salons warn of in a dog; it counts as a look at its history', gives: WarningsView::class)]
    public function warnings(Actor $actor, string $id): Response
    {
        return Json::response($this->histories->warnings($actor, $id));
    }

    #[Route('/api/dogs/{id}/histories', methods: ['POST'])]
    #[IsGranted(May::DOG)]
    #[Endpoint(
        'Ask another salon for a dog’s history; its owner is written to from there and says what may be seen',
        gives: HistoriesView::class,
        status: 201,
    )]
    public function ask(Actor $actor, string $id, #[FromBody] AskForm $form, Key $key): Response
    {
        $done = $this->commands->run(new AskHistory($id, $form->salon), $actor, $key);

        return Answer::to($done, $this->histories->view($actor, $id), 201);
    }

    #[Route('/api/dogs/{id}/histories/file', methods: ['POST'])]
    #[IsGranted(May::DOG)]
    #[Endpoint(
        'Take a sealed copy in that a dog has brought along: multipart with file',
        gives: HistoriesView::class,
        status: 201,
    )]
    public function takeIn(Actor $actor, string $id, Request $request, Key $key): Response
    {
        $this->histories->view($actor, $id);
        $file = $request->files->get('file');
        if (!$file instanceof UploadedFile || !$file->isValid()) {
            throw InvalidInput::missing('file', 'a file of at most 2 MB');
        }
        $done = $this->commands->run(new TakeHistoryIn($id, $file->getContent()), $actor, $key);

        return Answer::to($done, $this->histories->view($actor, $id), 201);
    }

    #[Route('/api/dogs/{id}/copy', methods: ['POST'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('A sealed copy of a dog’s history, to be taken along: JSON, see docs/formats; the log has it')]
    public function copy(Actor $actor, string $id, Key $key): Response
    {
        $this->commands->run(new CopyTaken($id), $actor, $key);

        return new Response($this->histories->copy($actor, $id), 200, [
            'Content-Type' => 'application/json',
            'Cache-Control' => 'private, no-store',
        ]);
    }

    #[Route('/api/histories/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What another salon knows of a dog, as far as its owner lets it be seen', gives: HistoryView::class)]
    public function show(Actor $actor, string $id): Response
    {
        return Json::response($this->histories->open($actor, $id));
    }

    #[Route('/api/histories/{id}', methods: ['DELETE'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('Let another salon see nothing (any more), in its owner’s name')]
    public function takeBack(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new AnswerHistory($id, [], false), $actor, $key);

        return Answer::to($done, new \stdClass());
    }
}
