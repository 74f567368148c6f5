<?php

/** Writes to an owner about a date: a few words and the link by which they answer. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Core\Care\DateWords;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Outbox\Message;
use KeenThistle\Outbox\Outbox;
use KeenThistle\Owner\Secret;
use KeenThistle\Staff\Staff;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

final readonly class DateLetters
{
    public function __construct(
        private Outbox $outbox,
        private Secret $secret,
        private ClockInterface $clock,
        #[Autowire('%env(SALON_ADDRESS)%')] private string $address,
    ) {
    }

    /** The path of the page at which its owner answers. A dog that has gone to another home has another one. */
    public function path(Booking $b): string
    {
        return '/date/'.$this->secret->token('date', $b->id, $b->dog->household->id->toBinary());
    }

    /**
     * The sentence by which the owner of these dogs answers: they are asked from now on. Inside a handler only.
     *
     * @param list<Booking> $bookings
     */
    public function asks(array $bookings): string
    {
        foreach ($bookings as $b) {
            $b->askedAt = $this->clock->now();
        }
        $links = array_map(fn (Booking $b): string => $this->address.$this->path($b), $bookings);

        return DateWords::answerHere(implode(' ', $links));
    }

    /**
     * Inside a handler only.
     *
     * @param DateWords::BOOKED|DateWords::MOVED|DateWords::REMINDER $kind
     *
     * @return bool false: no number and no address is known
     */
    public function send(Booking $b, Staff $by, string $kind): bool
    {
        $client = $b->dog->household->first();
        $to = $client?->address() ?? '';
        if ('' === $to) {
            return false;
        }
        $words = DateWords::message(
            $kind,
            $b->dog->name,
            Service::tryFrom($b->kind) ?? Service::Full,
            $b->day,
            $b->time,
            '' !== $b->proofMissing(),
            $this->address.$this->path($b),
        );
        $b->askedAt = $this->clock->now();
        $this->outbox->post(
            new Message($b->dog, $client, $by, $b->askedAt, $kind, $to, "{$b->salon->name}: $words"),
        );

        return true;
    }
}
