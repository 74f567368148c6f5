<?php

/** Homes: read with all that hangs on them, changed once for all their dogs; a dog moves from one to another. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class HomeController
{
    public function __construct(private HomeReader $homes, private Commands $commands)
    {
    }

    #[Route('/api/homes/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('A home: its people, its dogs, what went to it last', gives: HomeView::class)]
    public function read(Actor $actor, string $id): Response
    {
        return Json::response($this->homes->of($actor, $id));
    }

    #[Route('/api/homes/{id}', methods: ['PUT'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('Change a home, once for all its dogs; 412 when somebody else did meanwhile', gives: HomeView::class)]
    public function change(
        Actor $actor,
        string $id,
        #[FromBody] HomeForm $home,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new ChangeHome($id, $version, $home), $actor, $key);

        return Answer::to($done, $this->homes->of($actor, $id));
    }

    #[Route('/api/dogs/{id}/home', methods: ['PUT'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('A dog moves to another home, with its history', gives: HomeView::class)]
    public function move(
        Actor $actor,
        string $id,
        #[FromBody] MoveForm $to,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new MoveDog($id, $version, $to), $actor, $key);

        return Answer::to($done, $this->homes->of($actor, $done->id('home')));
    }
}
