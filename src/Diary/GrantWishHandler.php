<?php

/** Makes a booking of a wish. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Handling\State;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<GrantWish> */
final readonly class GrantWishHandler implements Handler
{
    public function __construct(private Scope $scope, private Slots $slots, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        $booking->mustBe($command->version);
        if ('wished' !== $booking->state) {
            throw Refused::conflict('This is no wish any more.');
        }
        if (!State::from($booking->dog->state)->isBooked()) {
            throw Refused::conflict("No dates are held for {$booking->dog->name}: change its state first.");
        }
        $closed = $this->slots->whyClosed($booking->day, $booking->time, $booking->staff);
        if (null !== $closed) {
            throw Refused::conflict('It '.$closed[1].'.');
        }
        $booking->book();
        $this->slots->take($booking);

        return new Outcome(entries: [$booking->entry('booked as wished')]);
    }
}
