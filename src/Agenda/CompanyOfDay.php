<?php

/** Who is in the salon on a day and until when, and which of them must not meet. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Day\CompanyRule;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\Guest;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Diary\Company;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Actors;

final readonly class CompanyOfDay implements Company
{
    public function __construct(
        private Actors $actors,
        private Booked $booked,
        private Plans $plans,
        private WorkOrder $order,
    ) {
    }

    public function why(Booking $booking): string
    {
        $actor = $this->actors->inNameOf($booking->dog->salon->id);
        $dog = $booking->dog;
        $minutes = $this->order->minutes(
            $dog,
            Plans::recipes($this->plans->of($actor, $dog)[1]),
            null,
            Service::tryFrom($booking->kind) ?? Service::Full,
            washed: $booking->washed,
        );
        $own = self::guest($dog, $booking->time, $minutes);
        $rule = new CompanyRule();
        $day = $this->booked->between($actor, $booking->day, $booking->day, but: $booking->id);
        foreach (self::at($booking->staff?->place, $day) as [$b, $takes]) {
            $why = $rule->why($own, self::guest($b->dog, $b->time, $takes));
            if ('' !== $why) {
                return "$why: {$b->dog->name} is booked at $b->time that day";
            }
        }

        return '';
    }

    /** @param string $time "HH:MM" at which it comes */
    public static function guest(Dog $dog, string $time, ?Minutes $minutes): Guest
    {
        $from = intdiv(Crew::tick($time), Day::TICKS);

        return self::between($dog, $from, $from + ($minutes->slot ?? Lengths::USUAL));
    }

    /**
     * @param int $from minutes from midnight
     * @param int $to the same
     */
    public static function between(Dog $dog, int $from, int $to): Guest
    {
        return new Guest(
            (string) $dog->id,
            $dog->name,
            $from,
            $to,
            (string) $dog->household->id,
            $dog->apart,
            Guest::isInHeat($dog->health),
            Guest::isEntireMale($dog->sex),
            $dog->quiet,
        );
    }

    /**
     * Those who come to a place; of somebody without one it is not known where.
     *
     * @param list<array{Booking, Minutes|null}> $booked
     *
     * @return list<array{Booking, Minutes|null}>
     */
    private static function at(?Place $place, array $booked): array
    {
        return array_values(array_filter(
            $booked,
            static fn (array $b): bool => null === $place || \in_array($b[0]->staff?->place, [null, $place], true),
        ));
    }

    /**
     * @param list<Guest> $guests of one place
     * @param array{int, int}|null $noise its loud hours
     *
     * @return list<Caution>
     */
    public static function cautions(array $guests, ?array $noise): array
    {
        return array_map(static fn (array $o): Caution => 2 === \count($o['dogs'])
            ? new Caution('keep_apart', $o['why'], Caution::DANGER)
            : new Caution('loud_hour', $o['why']), (new CompanyRule())->of($guests, $noise));
    }

    /**
     * When a dog cannot come to a place on a day, because of who is there, or how loud it is.
     *
     * @param list<array{Booking, Minutes|null}> $booked of that day
     *
     * @return list<array{int, int}> in minutes from midnight
     */
    public static function shut(Dog $dog, array $booked, Place $place): array
    {
        $others = array_map(
            static fn (array $b): Guest => self::guest($b[0]->dog, $b[0]->time, $b[1]),
            self::at($place, $booked),
        );

        return (new CompanyRule())->shut(self::between($dog, 0, 1), $others, $place->loudHours());
    }
}
