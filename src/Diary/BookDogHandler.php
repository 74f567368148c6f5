<?php

/** Books a dog where it is not booked at that time already. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Care\DateWords;
use KeenThistle\Core\Handling\State;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

/** @implements Handler<BookDog> */
final readonly class BookDogHandler implements Handler
{
    /** Days between the bath and the rest: a coat that was dried does not stay ready for longer. */
    private const MOST_BEFORE = 2;

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
        $new = $command->booking;
        $today = $this->scope->today($actor);
        $dog = $this->scope->get($actor, Dog::class, $command->dog, $this->manager, 'dog');
        if (!State::from($dog->state)->isBooked()) {
            throw Refused::conflict("No dates are held for $dog->name: change its state first.");
        }
        $staff = $new->staff ?? '';
        $person = '' === $staff ? null : $this->scope->get($actor, Staff::class, $staff, $this->manager, 'person');
        $this->slots->mustBeOpen($new->day, $new->time, $person, $today);
        $booking = new Booking(Uuid::v7(), $dog, $person, $new->day, $new->time, $new->kind);
        $this->slots->take($booking);
        $booking->note = trim($new->note);
        $told = $new->promised;
        if ('' !== $told && (1 !== preg_match(Booking::TIME, $told) || $told <= $new->time)) {
            throw InvalidInput::at('promised', 'must be a time after the dog comes, such as 11:30');
        }
        $booking->promised = $told;
        $this->manager->persist($booking);
        $wash = null === $new->wash ? null : $this->washBefore($actor, $booking, $new->wash);
        $this->noMoreWaiting($booking);
        if ($new->write) {
            $this->letters->send($booking, $this->scope->person($actor), DateWords::BOOKED);
        }
        $entries = [$booking->entry('booked')];
        if (null !== $wash) {
            $entries[] = $wash->entry('booked, to be washed');
        }

        return new Outcome(['booking' => (string) $booking->id], $entries);
    }

    /**
     * The first of two days: what is booked is the rest.
     *
     * @throws InvalidInput for a day that is not shortly before it, or a visit without a bath
     */
    private function washBefore(Actor $actor, Booking $rest, WashBefore $wash): Booking
    {
        if ('full' !== $rest->kind) {
            throw InvalidInput::at('wash', 'goes with a full groom only');
        }
        $before = (int) $wash->day->diff($rest->day)->format('%r%a');
        if ($before < 1 || $before > self::MOST_BEFORE) {
            throw InvalidInput::at('wash.day', 'must be one or two days before the rest');
        }
        $staff = $wash->staff ?? '';
        $person = '' === $staff ? null : $this->scope->get($actor, Staff::class, $staff, $this->manager, 'person');
        try {
            $this->slots->mustBeOpen($wash->day, $wash->time, $person, $this->scope->today($actor));
        } catch (InvalidInput $e) {
            throw InvalidInput::at("wash.$e->field", $e->getMessage());
        }
        $bath = new Booking(Uuid::v7(), $rest->dog, $person, $wash->day, $wash->time, 'bath');
        $this->slots->take($bath);
        $bath->note = 'washed and dried for '.Say::day($rest->day);
        $rest->washed = true;
        $bath->series = $rest->series = Uuid::v7();
        $this->manager->persist($bath);

        return $bath;
    }

    /** Who has got a place waits for it no more. */
    private function noMoreWaiting(Booking $b): void
    {
        $waits = $this->manager->getRepository(WaitingDog::class)->findOneBy(['dog' => $b->dog, 'kind' => $b->kind]);
        if (null !== $waits && $b->day->format('Y-m-d') <= $waits->until->format('Y-m-d')) {
            $this->manager->remove($waits);
        }
    }
}
