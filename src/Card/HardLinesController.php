<?php

/** Hard lines on a card, wanted where two lengths meet without a blend. */

declare(strict_types=1);

namespace KeenThistle\Card;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\HardLines;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class HardLinesController
{
    public function __construct(
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs/{id}/hard-lines', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Want a hard line between two neighbouring zones, or not any more', gives: HardLinesView::class)]
    public function draw(Actor $actor, string $id, #[FromBody] HardLineForm $line, Key $key): Response
    {
        $done = $this->commands->run(new DrawLine($id, $line), $actor, $key);
        $dog = $this->scope->get($actor, Dog::class, $id, $this->manager, 'dog');

        return Answer::to($done, new HardLinesView(HardLines::of($dog)));
    }
}
