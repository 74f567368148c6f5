<?php

/** Recording a visit. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class VisitController
{
    public function __construct(private Writes $writes, private RecordVisit $record)
    {
    }

    #[Route('/api/dogs/{id}/visits', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Record a visit; the same Idempotency-Key records it once',
        gives: RecordedView::class,
        takes: [VisitInput::class, 'shape'],
        status: 201,
    ),]
    public function create(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, VisitInput::shape());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body): array {
                $visit = ($this->record)($actor, $manager, $id, $body);

                return ['id' => $visit->id, 'day' => $visit->day];
            },
            static fn (array $done): RecordedView => new RecordedView(
                \is_string($done['id']) ? $done['id'] : '',
                \is_string($done['day']) ? $done['day'] : '',
            ),
            201,
        );
    }
}
