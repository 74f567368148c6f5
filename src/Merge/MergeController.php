<?php

/** Two records of one dog: found, made one, parted again. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use KeenThistle\Book\Dogs;
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

final readonly class MergeController
{
    public function __construct(private SameDogs $same, private Dogs $dogs, private Commands $commands)
    {
    }

    #[Route('/api/dogs/{id}/same', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Records that may be the same dog, and those made one with it', gives: SameDogView::class)]
    public function same(Actor $actor, string $id): Response
    {
        return Json::response($this->same->of($actor, $this->dogs->get($actor, $id)));
    }

    #[Route('/api/dogs/{id}/merge', methods: ['POST'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('They are one dog: what hangs on the other record comes to this one', gives: SameDogView::class)]
    public function merge(Actor $actor, string $id, #[FromBody] MergeForm $form, Key $key): Response
    {
        $done = $this->commands->run(new MergeDogs($id, $form->other), $actor, $key);

        return Answer::to($done, $this->same->of($actor, $this->dogs->get($actor, $id)));
    }

    #[Route('/api/merges/{id}', methods: ['DELETE'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('They are two dogs after all: each gets back what was its own', gives: SameDogView::class)]
    public function part(Actor $actor, string $id, Key $key): Response
    {
        $done = $this->commands->run(new PartDogs($id), $actor, $key);

        return Answer::to($done, $this->same->of($actor, $this->dogs->get($actor, $done->id('dog'))));
    }
}
