<?php

/** Gives a dog another home: its history, plan and bookings stay its own. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Owner\OwnerLinks;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<MoveDog> */
final readonly class MoveDogHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private DogIndex $index,
        private Homes $homes,
        private OwnerLinks $links,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused 412 where somebody else changed the dog meanwhile */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        if ($dog->version !== $command->version) {
            throw Refused::stale('Somebody changed this dog meanwhile. Look at it and move it again.', [
                'theirs' => DogView::of($dog, true),
                'version' => $dog->version,
            ]);
        }
        $before = $dog->household;
        $was = ['home' => (string) $before->id, 'may_collect' => $dog->mayCollect, 'emergency' => $dog->emergency];
        $dog->household = $this->home($command->form, $actor);
        if ($dog->household->id->equals($before->id)) {
            throw InvalidInput::at('home', 'is where it lives already');
        }
        // Who may collect it and whom to call were of the home before: asked anew.
        [$dog->mayCollect, $dog->emergency] = ['', ''];
        ++$dog->version;
        $this->manager->flush();
        $this->links->closeOfDog($this->manager, $dog->id);
        $this->index->refresh($dog);
        $words = "$dog->name: moved from $before->name to {$dog->household->name}";

        return new Outcome(
            ['home' => (string) $dog->household->id],
            [
                new Entry($dog, 'home', (string) $dog->id, $words, $was, [
                    'home' => (string) $dog->household->id,
                ]),
            ],
        );
    }

    private function home(MoveForm $form, Actor $actor): Household
    {
        $id = $form->home ?? '';
        if ('' !== $id) {
            return $this->scope->get($actor, Household::class, $id, $this->manager, 'home');
        }
        $owner =
            $form->owner ??
            throw InvalidInput::missing('home', 'a home in the book, or name and phone of the owner');

        return $this->homes->begin($this->manager, $this->scope->salon($actor), $owner);
    }
}
