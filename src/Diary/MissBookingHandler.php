<?php

/** Notes that nobody came, with what house terms ask for it; takes that back. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Command\Command;
use KeenThistle\Command\Handler;
use KeenThistle\Command\Outcome;
use KeenThistle\Core\Care\DateRule;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

/** @implements Handler<MissBooking> */
final readonly class MissBookingHandler implements Handler
{
    public function __construct(
        private Scope $scope,
        private Slots $slots,
        private VisitPrice $price,
        private ClockInterface $clock,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @throws Refused for one that may still come, or has */
    public function __invoke(Command $command, Actor $actor): Outcome
    {
        $booking = $this->scope->get($actor, Booking::class, $command->booking, $this->manager, 'booking');
        $booking->mustBe($command->version);
        if (!$command->missed) {
            return $this->came($booking);
        }
        $name = $booking->dog->name;
        if ('booked' !== $booking->state) {
            throw Refused::conflict('It is not booked any more.');
        }
        if (DateRule::hours($this->clock->now(), $booking->begins()) > 0) {
            throw Refused::conflict("$name may still come: it is booked for $booking->time.");
        }
        $came = $this->manager
            ->getConnection()
            ->fetchOne('SELECT 1 FROM arrival WHERE dog_id = ? AND day = ?', [
                $booking->dog->id->toBinary(),
                $booking->day->format('Y-m-d'),
            ]);
        if (false !== $came) {
            throw Refused::conflict("$name was taken in that day.");
        }
        $terms = $booking->salon->pricesOn($booking->day)->terms();
        $booking->charge = $terms->forNotComing($this->price->of($actor, $booking));
        $booking->miss();

        return new Outcome(entries: [$booking->entry('nobody came')]);
    }

    private function came(Booking $booking): Outcome
    {
        if ('missed' !== $booking->state) {
            throw Refused::conflict('Nobody has said that it did not come.');
        }
        if ($booking->paid) {
            throw Refused::conflict('What it cost was paid: take that bill back first.');
        }
        $booking->charge = 0;
        $booking->letGo = '';
        $booking->book();
        $this->slots->take($booking);

        return new Outcome(entries: [$booking->entry('came after all')]);
    }
}
