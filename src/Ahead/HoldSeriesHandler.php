<?php

/** Books the visits of a series that can be; the rest is named by whoever asks. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Handling\State;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\Slots;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<HoldSeries> */
final readonly class HoldSeriesHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Series $series,
        private Slots $slots,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        if (!State::from($dog->state)->isBooked()) {
            throw Refused::conflict("No dates are held for $dog->name: change its state first.");
        }
        $form = $command->series;
        $person = $this->series->person($actor, $form);
        $id = Uuid::v7();
        $entries = [];
        foreach ($this->series->days($dog, $form, $person) as $d) {
            if (null === $d['day']) {
                continue;
            }
            $booking = new Booking(Uuid::v7(), $dog, $person, $d['day'], $form->time, $form->kind);
            $booking->series = $id;
            if ('' !== $this->slots->whyNot($booking)) {
                continue;
            }
            $this->slots->take($booking);
            $this->manager->persist($booking);
            $entries[] = $booking->entry('held ahead');
        }
        if ([] === $entries) {
            throw Refused::conflict('None of these days can be: choose another hour or person.');
        }

        return new Outcome(['series' => (string) $id], $entries);
    }
}
