<?php

/** The end of a groom: what is asked for, and closing it. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class FinishController
{
    public function __construct(
        private GroomRows $rows,
        private GroomReader $reader,
        private Finish $finish,
        private Commands $commands,
    ) {
    }

    #[Route('/api/grooms/{id}/finish', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What the end of a groom asks for', gives: FinishView::class)]
    public function read(Actor $actor, string $id): Response
    {
        return Json::response($this->finish->view($actor, $this->rows->groom($actor, $id)));
    }

    #[Route('/api/grooms/{id}/close', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Close a groom: records the visit, books, tells the owner; 409 where it was closed already',
        gives: GroomView::class,
    )]
    public function close(Actor $actor, string $id, #[FromBody] CloseForm $form, Key $key): Response
    {
        $done = $this->commands->run(new CloseGroom($id, $form), $actor, $key);

        return Answer::to($done, $this->reader->view($actor, $this->rows->groom($actor, $id)));
    }
}
