<?php

/** Books a dog where it is not booked at that time already. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Handling\State;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<BookDog> */
final readonly class BookDogHandler implements Handler
{
    public function __construct(private Scope $scope, private Slots $slots, private EntityManagerInterface $manager)
    {
    }

    /** @throws InvalidInput for a day or time that cannot be booked */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $new = $command->booking;
        $today = $this->scope->today($actor);
        if ($new->day->format('Y-m-d') < $today->format('Y-m-d') || $new->day > $today->modify('+2 years')) {
            throw InvalidInput::at('day', 'must be from today to two years from now');
        }
        if (1 !== preg_match(Booking::TIME, $new->time)) {
            throw InvalidInput::at('time', 'must be a time such as 09:30');
        }
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        if (!State::from($dog->state)->isBooked()) {
            throw Refused::conflict("No dates are held for $dog->name: change its state first.");
        }
        $this->slots->mustBeFree($dog, $new->day, $new->time);
        $staff = $new->staff ?? '';
        $person = '' === $staff ? null : $this->scope->get($actor, Staff::class, $staff, $this->manager, 'person');
        $closed = $this->slots->whyClosed($new->day, $new->time, $person);
        if (null !== $closed) {
            throw InvalidInput::at(...$closed);
        }
        $booking = new Booking(
            Uuid::v7(),
            $dog,
            $person,
            $new->day,
            $new->time,
            $new->kind,
        );
        $booking->note = trim($new->note);
        $this->manager->persist($booking);

        return new Outcome(['booking' => (string) $booking->id], [$booking->entry('booked')]);
    }
}
