<?php

/** The owner is asked about what exceeds the agreement. */

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

final readonly class AskController
{
    public function __construct(private GroomRows $rows, private GroomReader $reader, private Commands $commands)
    {
    }

    #[Route('/api/grooms/{id}/ask', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Ask the owner about what exceeds the agreement, by the outbox; 409 where nothing waits',
        gives: GroomView::class,
    ),]
    public function __invoke(Actor $actor, string $id, #[FromBody] AskForm $form, Key $key): Response
    {
        $done = $this->commands->run(new AskOwner($id, $form), $actor, $key);

        return Answer::to($done, $this->reader->view($actor, $this->rows->groom($actor, $id)));
    }
}
