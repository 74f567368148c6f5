<?php

/** Writes to an owner about a date, with a link to answer by. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Care\DateRule;
use KeenThistle\Core\Care\DateWords;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<WriteOfDate> */
final readonly class WriteOfDateHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private DateLetters $letters,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused where it is over, or nobody has an address of the owner */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        if ('booked' !== $booking->state || DateRule::hours($this->clock->now(), $booking->begins()) <= 0) {
            throw Refused::conflict('It is not booked any more, or over: there is nothing to ask about.');
        }
        $kind = $command->reminds ? DateWords::REMINDER : DateWords::BOOKED;
        if (!$this->letters->send($booking, $this->scope->person($actor), $kind)) {
            throw Refused::conflict("There is no number and no address of {$booking->dog->name}'s home.");
        }

        return new Outcome(entries: [$booking->entry($command->reminds ? 'reminder' : 'written to its owner')]);
    }
}
