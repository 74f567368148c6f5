<?php

/** Cancels a booking. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

/** @implements Handler<CancelBooking> */
final readonly class CancelBookingHandler implements Handler
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        $booking->mustBe($command->version);
        $booking->cancel();

        return new Outcome(entries: [$booking->entry('cancelled')]);
    }
}
