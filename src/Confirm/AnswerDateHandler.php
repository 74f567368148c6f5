<?php

/** Keeps what an owner says of a date, and moves it to another one that was offered. */

declare(strict_types=1);

namespace KeenThistle\Confirm;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Care\DateWords;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\Slots;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<AnswerDate> */
final readonly class AnswerDateHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Slots $slots,
        private OwnerDate $dates,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused where it is not booked any more, or that place has gone */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        if ('booked' !== $booking->state) {
            throw Refused::conflict(DateWords::notBooked());
        }
        $what = 'ring' === $command->answer ? 'its owner asks to be rung' : 'its owner says it suits';
        if ('move' === $command->answer) {
            $what = $this->move($actor, $booking, $command->to);
        }
        $booking->answered('ring' === $command->answer ? 'ring' : 'yes', $command->told, $this->clock->now());

        return new Outcome(entries: [$booking->entry($what.' (by the link)')]);
    }

    private function move(Actor $actor, Booking $booking, string $to): string
    {
        $why = $this->dates->whyNotMoved($booking);
        if ('' !== $why) {
            throw Refused::conflict($why);
        }
        [$day, $time, $staff] = [...explode(' ', $to), '', ''];
        $this->mustBeOpen($actor, $day, $time);
        $offered = $this->dates->others($booking)[$to] ?? throw Refused::conflict(DateWords::placeHasGone());
        $person = $this->scope->get($actor, Staff::class, $staff, $this->manager, 'person');
        $was = \sprintf('%s at %s', Say::day($booking->day), $booking->time);
        $booking->move($offered['day'], $offered['time'], $booking->kind, $person, 'owner');
        ++$booking->ownerMoves;
        // An owner is not told whose dog is there.
        if ('' !== $this->slots->whyNot($booking)) {
            throw Refused::conflict(DateWords::placeHasGone());
        }
        $this->slots->take($booking);

        return "moved by its owner from $was";
    }

    /** That it is closed then is said, and not that somebody was faster. */
    private function mustBeOpen(Actor $actor, string $day, string $time): void
    {
        $isDay = 1 === preg_match('/^\d{4}-\d\d-\d\d$/D', $day) && false !== strtotime($day);
        if (!$isDay || 1 !== preg_match(Booking::TIME, $time)) {
            throw Refused::conflict(DateWords::chooseOne());
        }
        try {
            $this->slots->mustBeOpen(new \DateTimeImmutable($day), $time, null, $this->scope->today($actor));
        } catch (InvalidInput) {
            throw Refused::conflict(DateWords::closedOn(new \DateTimeImmutable($day)));
        }
    }
}
