<?php

/** Reads what is booked, and wished, for a dog. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class Bookings
{
    private const MOST = 100;
    private const SHOWN = 6;

    public function __construct(private Scope $scope)
    {
    }

    /** @return list<BookingView> of a dog from today on, the first ones */
    public function ahead(Actor $actor, Dog $dog, \DateTimeImmutable $today, int $most = self::SHOWN): array
    {
        return array_map(BookingView::ofRow(...), $this->scope->rows(
            $actor,
            'SELECT '.BookingView::COLUMNS." FROM booking b JOIN dog d ON d.id = b.dog_id
                LEFT JOIN staff s ON s.id = b.staff_id
            WHERE b.dog_id = :dog AND b.salon_id = :salon AND b.day >= :today
            AND b.state IN ('booked', 'wished') ORDER BY b.day, b.time LIMIT $most",
            ['dog' => $dog->id->toBinary(), 'today' => $today->format('Y-m-d')],
        ));
    }

    /** What its owner said, by the link, of how things are at home before a visit; empty: nothing. */
    public function told(Actor $actor, Dog $dog, \DateTimeImmutable $day): string
    {
        $rows = $this->scope->rows(
            $actor,
            "SELECT told FROM booking WHERE dog_id = :dog AND salon_id = :salon AND day = :day AND state = 'booked'
            AND told <> '' ORDER BY time LIMIT 1",
            ['dog' => $dog->id->toBinary(), 'day' => $day->format('Y-m-d')],
        );

        return Row::text($rows[0]['told'] ?? '');
    }

    /**
     * What a dog is booked for on a day; a full groom where it is not booked.
     *
     * @return array{Service, bool} and whether it was washed the day before
     */
    public function kind(Actor $actor, Dog $dog, \DateTimeImmutable $day): array
    {
        $rows = $this->scope->rows(
            $actor,
            "SELECT kind, washed FROM booking WHERE dog_id = :dog AND salon_id = :salon AND day = :day
            AND state = 'booked' ORDER BY time LIMIT 1",
            ['dog' => $dog->id->toBinary(), 'day' => $day->format('Y-m-d')],
        );

        return [
            Service::tryFrom(Row::text($rows[0]['kind'] ?? '')) ?? Service::Full,
            1 === Row::int($rows[0]['washed'] ?? 0),
        ];
    }

    /**
     * What is booked from a day on, the first hundred.
     *
     * @return list<BookingView>
     */
    public function from(Actor $actor, string $day): array
    {
        return array_map(BookingView::ofRow(...), $this->scope->rows(
            $actor,
            'SELECT '.BookingView::COLUMNS." FROM booking b JOIN dog d ON d.id = b.dog_id
                LEFT JOIN staff s ON s.id = b.staff_id
            WHERE b.salon_id = :salon AND b.state = 'booked' AND b.day >= :from
            ORDER BY b.day, b.time, b.id LIMIT ".self::MOST,
            ['from' => $day],
        ));
    }
}
