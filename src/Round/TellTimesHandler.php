<?php

/** Gives the stops of a round their times, all or none, and writes once to each home that hears another one. */

declare(strict_types=1);

namespace KeenThistle\Round;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Round\Clock;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\DateLetters;
use KeenThistle\Diary\Slots;
use KeenThistle\Outbox\Message;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<TellTimes> */
final readonly class TellTimesHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Slots $slots,
        private Outbox $outbox,
        private DateLetters $letters,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Refused 409 for a day that is over, 412 where one was changed meanwhile: nothing is changed then */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $today = $this->scope->today($actor);
        $moved = [];
        foreach ($command->form->times as $n => $t) {
            if (1 !== preg_match(Booking::TIME, $t->time)) {
                throw InvalidInput::at("times[$n].time", RoundWords::mustBeATime());
            }
            $booking = $this->scope->get($actor, Booking::class, $t->booking, $this->manager, 'booking');
            $booking->mustBe($t->version);
            if ('booked' !== $booking->state || $booking->day->format('Y-m-d') < $today->format('Y-m-d')) {
                throw Refused::conflict("{$booking->dog->name} is not booked any more, or that day is over.");
            }
            if ('van' !== $booking->staff?->place?->kind) {
                throw Refused::conflict("{$booking->dog->name} is not booked with somebody of the van.");
            }
            if ($booking->time !== $t->time) {
                $moved[(string) $booking->id] = [$booking, $booking->time, $t->time];
            }
        }
        // Two that change places would each find the other there.
        foreach ($moved as [$booking]) {
            $booking->letGo();
        }
        $this->manager->flush();
        $entries = [];
        foreach ($moved as [$booking, $was, $now]) {
            $booking->retime($now);
            $this->slots->take($booking);
            $this->manager->flush();
            $entries[] = $booking->entry("another time than $was");
        }
        $written = $command->form->write ? $this->write($actor, array_values($moved), $today) : 0;

        return new Outcome(['written' => $written], $entries);
    }

    /** @param list<array{Booking, string, string}> $moved what it is, when it was, when it is now */
    private function write(Actor $actor, array $moved, \DateTimeImmutable $today): int
    {
        $homes = [];
        foreach ($moved as [$booking, $was, $now]) {
            if (RoundWords::isWorthSaying(Clock::minutes($was), Clock::minutes($was), Clock::minutes($now))) {
                $homes[(string) $booking->dog->household->id][] = [$booking, $was, $now];
            }
        }
        $by = $this->scope->person($actor);
        $written = 0;
        foreach ($homes as $its) {
            [$first, $was, $now] = $its[0];
            $client = $first->dog->household->first();
            $to = $client?->address() ?? '';
            if ('' === $to) {
                continue;
            }
            $isToday = $first->day->format('Y-m-d') === $today->format('Y-m-d');
            $words = RoundWords::message(
                array_map(static fn (array $one): string => $one[0]->dog->name, $its),
                Clock::minutes($was),
                Clock::minutes($now),
                $isToday ? null : $first->day,
            );
            // Of today nothing can be moved by a link any more.
            $asks = $isToday ? '' : ' '.$this->letters->asks(array_column($its, 0));
            $text = "{$by->salon->name}: $words$asks";
            $kind = $isToday ? 'late' : 'moved';
            $this->outbox->post(new Message($first->dog, $client, $by, $this->clock->now(), $kind, $to, $text));
            ++$written;
        }

        return $written;
    }
}
