<?php

/** What an owner's link to a date opens: the date, and others to choose from. */

declare(strict_types=1);

namespace KeenThistle\Confirm;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Agenda\Proposals;
use KeenThistle\Core\Care\DateRule;
use KeenThistle\Core\Handling\State;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\DateLetters;
use KeenThistle\Owner\Secret;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Actors;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;

final readonly class OwnerDate
{
    public function __construct(
        private EntityManagerInterface $manager,
        private Scope $scope,
        private Proposals $proposals,
        private DateLetters $letters,
        private Actors $actors,
        private ClockInterface $clock,
    ) {
    }

    /** Null: nobody made that link, it is of a dog that has another home now or comes no more, or the visit is over. */
    public function openedBy(string $token): ?Booking
    {
        $booking = $this->manager->find(Booking::class, Secret::id($token));
        if (null === $booking || !hash_equals($this->letters->path($booking), "/date/$token")) {
            return null;
        }
        $isOver = DateRule::hours($this->clock->now(), $booking->begins()) <= 0;

        return $isOver || !State::from($booking->dog->state)->isWrittenTo() ? null : $booking;
    }

    /** In whose name the owner acts: of who it is booked with, else of who leads the salon. */
    public function actor(Booking $booking): Actor
    {
        return $this->actors->inNameOf($booking->salon->id, $booking->staff?->id);
    }

    /** Why it cannot be moved by the link; empty: it can. */
    public function whyNotMoved(Booking $booking): string
    {
        return DateRule::whyNotMoved(
            $booking->salon->pricesOn($booking->day)->terms(),
            DateRule::hours($this->clock->now(), $booking->begins()),
            $booking->ownerMoves,
        );
    }

    /**
     * Dates round the day that is best for the coat, in their order.
     *
     * @return array<string, array{day: \DateTimeImmutable, time: string, staff: string, name: string, late: int,
     *     best: bool}>
     */
    public function others(Booking $booking): array
    {
        $actor = $this->actor($booking);
        $this->scope->apply($actor, $this->manager);
        $kind = Service::tryFrom($booking->kind) ?? Service::Full;
        $out = [];
        foreach ($this->proposals->of($actor, $booking->dog, $kind, null, (string) $booking->id)->proposals as $p) {
            if ($p['day'] === $booking->day->format('Y-m-d') && $p['time'] === $booking->time) {
                continue;
            }
            $out["$p[day] $p[time] $p[staff]"] = [
                'day' => new \DateTimeImmutable($p['day']),
                'time' => $p['time'],
                'staff' => $p['staff'],
                'name' => $p['name'],
                'late' => max(0, $p['late_days']),
                'best' => [] === $out,
            ];
        }

        ksort($out);

        return $out;
    }
}
