<?php

/** The book: find a dog, take a new one in, change one. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class DogController
{
    public function __construct(
        private DogSearch $search,
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'Find dogs as you type, or all of them a page at a time',
        gives: BookView::class,
        query: ['q' => 'dog, owner, breed or phone digits', 'cursor' => 'the next page of all dogs'],
    ),]
    public function list(Actor $actor, Request $request): Response
    {
        $query = trim(mb_substr($request->query->getString('q'), 0, 80));
        $cursor = $request->query->getString('cursor');

        return Json::response(
            '' === $query
                ? $this->search->page($actor, '' === $cursor ? null : $cursor)
                : $this->search->find($actor, $query),
        );
    }

    #[Route('/api/dogs/new/hints', methods: ['GET'])]
    #[IsGranted(May::DOG)]
    #[Endpoint(
        'What helps to take a new dog in, as it is typed',
        gives: NewDogHintsView::class,
        query: [
            'breed' => 'breed or cross, as typed so far',
            'owner' => 'name of the owner, as typed so far',
            'coat' => 'coat type, for how it is drawn',
        ],
    ),]
    public function hints(Actor $actor, Request $request, NewDogHints $hints): Response
    {
        $text = static fn (string $name): string => mb_substr($request->query->getString($name), 0, 80);

        return Json::response($hints->of($actor, $text('breed'), $text('owner'), $text('coat')));
    }

    #[Route('/api/dogs/{id}/apart', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Which dogs a dog must not meet', gives: ApartView::class)]
    public function apart(Actor $actor, string $id, Dogs $dogs, Apart $apart): Response
    {
        return Json::response($apart->of($actor, $dogs->get($actor, $id)));
    }

    #[Route('/api/dogs', methods: ['POST'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('Take a new dog into the book', gives: DogView::class, status: 201)]
    public function create(Actor $actor, #[FromBody] DogForm $dog, Key $key): Response
    {
        $done = $this->commands->run(new TakeDogIn($dog), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('dog')), 201);
    }

    #[Route('/api/dogs/{id}', methods: ['PUT'])]
    #[IsGranted(May::DOG)]
    #[Endpoint('Change a dog; 412 when somebody else changed it meanwhile', gives: DogView::class)]
    public function change(
        Actor $actor,
        string $id,
        #[FromBody] DogForm $dog,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new ChangeDog($id, $version, $dog), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    private function view(Actor $actor, string $id): DogView
    {
        return DogView::of($this->scope->get($actor, Dog::class, $id, $this->manager, 'dog'), true);
    }
}
