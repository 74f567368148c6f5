<?php

/** Cancels a booking, and notes what house terms ask for it where it is late. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Care\DateRule;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<CancelBooking> */
final readonly class CancelBookingHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private VisitPrice $price,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        $booking->mustBe($command->version);
        $terms = $booking->salon->pricesOn($booking->day)->terms();
        $hours = DateRule::hours($this->clock->now(), $booking->begins());
        $isLate = 'booked' === $booking->state && $hours < $terms->cancelHours;
        $booking->charge = $isLate ? $terms->forCancelling($this->price->of($actor, $booking), $hours) : 0;
        $booking->cancel();
        if ('bath' === $booking->kind && null !== $booking->series) {
            // The rest of a visit of two days is all of it again.
            $pair = ['series' => $booking->series, 'washed' => true];
            foreach ($this->manager->getRepository(Booking::class)->findBy($pair) as $rest) {
                $rest->washed = false;
            }
        }

        return new Outcome(entries: [$booking->entry('cancelled')]);
    }
}
