<?php

/** Moves a booking where the dog and the person are free, and keeps why it slipped. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Care\DateWords;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

/** @implements Handler<MoveBooking> */
final readonly class MoveBookingHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Slots $slots,
        private DateLetters $letters,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws InvalidInput for a day or time that cannot be booked */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        $booking->mustBe($command->version);
        $to = $command->to;
        $today = $this->scope->today($actor);
        if ('booked' !== $booking->state) {
            throw Refused::conflict('It is not booked any more: book it anew.');
        }
        if ($booking->day->format('Y-m-d') < $today->format('Y-m-d')) {
            throw Refused::conflict('That day is over: book a new date.');
        }
        $person = '' === ($to->staff ?? '')
            ? null
            : $this->scope->get($actor, Staff::class, (string) $to->staff, $this->manager, 'person');
        $was = \sprintf('%s at %s', Say::day($booking->day), $booking->time);
        $this->slots->mustBeOpen($to->day, $to->time, $person, $today);
        $booking->move($to->day, $to->time, $to->kind, $person, $to->cause);
        $this->slots->take($booking);
        if ($to->write) {
            $this->letters->send($booking, $this->scope->person($actor), DateWords::MOVED);
        }
        $why = '' === $booking->cause ? '' : " ($booking->cause)";

        return new Outcome(entries: [$booking->entry("moved from $was$why")]);
    }
}
