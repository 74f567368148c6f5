<?php

/** Takes a new dog into the book, with its home; each module begins what is its own with it. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Log\Entry;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<TakeDogIn> */
final readonly class TakeDogInHandler implements Handler
{
    /** @param iterable<WithNewDog> $beginnings */
    public function __construct(
        private Scope $scope,
        private DogIndex $index,
        private Homes $homes,
        private Apart $apart,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
        #[AutowireIterator(WithNewDog::class)] private iterable $beginnings,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $form = $command->dog;
        $this->apart->mustBeKnown($actor, $form->apart);
        $dog = new Dog(
            Uuid::v7(),
            $this->household($actor, $form),
            trim($form->name),
            trim($form->breed),
            $form->coat,
        );
        $form->into($dog, $this->scope->today($actor));
        $this->manager->persist($dog);
        if ($dog->photoConsent) {
            $this->manager->persist(Consent::toPhotos($dog, $this->scope->person($actor), $this->clock->now()));
        }
        foreach ($this->beginnings as $beginning) {
            $beginning->begin($dog, $this->manager);
        }
        $this->manager->flush();
        $this->index->refresh($dog);

        return new Outcome(
            ['dog' => (string) $dog->id],
            [new Entry($dog, 'dog', (string) $dog->id, 'taken into the book')],
        );
    }

    private function household(Actor $actor, DogForm $form): Household
    {
        if (null !== $form->household) {
            return $this->scope->get($actor, Household::class, $form->household, $this->manager, 'household');
        }
        if (null === $form->owner) {
            throw InvalidInput::missing(
                'owner',
                'name and phone of the owner, or a household that is in the book already',
            );
        }

        return $this->homes->begin($this->manager, $this->scope->salon($actor), $form->owner);
    }
}
