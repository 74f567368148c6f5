<?php

/** Opens today's arrival of a dog, or finds it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Handling\State;
use KeenThistle\Diary\Bookings;
use KeenThistle\Log\Entry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Psr\Clock\ClockInterface;

/** @implements Handler<OpenArrival> */
final readonly class OpenArrivalHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Bookings $bookings,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        $today = $this->scope->today($actor);
        $arrival = $this->manager->getRepository(Arrival::class)->findOneBy(['dog' => $dog, 'day' => $today]);
        if (null !== $arrival) {
            return new Outcome(['arrival' => (string) $arrival->id]);
        }
        if (!State::from($dog->state)->comes()) {
            throw Refused::conflict("$dog->name is no longer coming: change its state first.");
        }
        $arrival = new Arrival(GivenId::of($command->as), $dog, $this->scope->person($actor), $today);
        $arrival->cameAt = $this->clock->now();
        [$arrival->kind, $arrival->washed] = $this->bookings->kind($actor, $dog, $today);
        $this->manager->persist($arrival);

        return new Outcome(
            ['arrival' => (string) $arrival->id],
            [new Entry($dog, 'arrival', (string) $arrival->id, 'arrived')],
        );
    }
}
