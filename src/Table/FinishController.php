<?php

/** The end of a groom: what is asked for, and closing it. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class FinishController
{
    public function __construct(
        private GroomRows $rows,
        private GroomReader $reader,
        private Finish $finish,
        private Writes $writes,
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
        takes: [CloseGroom::class, 'shape'],
    ),]
    public function close(Actor $actor, Request $request, string $id, CloseGroom $close): Response
    {
        $body = Body::read($request, CloseGroom::shape());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $close): array {
                $groom = $this->rows->groom($actor, $id, $manager, true);
                $close($actor, $manager, $groom, $body);

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): GroomView => $this->reader->view(
                $actor,
                $this->rows->groom($actor, $id, $manager),
            ),
        );
    }
}
