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

    public function __construct(private Scope $scope)
    {
    }

    /** @return list<BookingView> from today on */
    public function ahead(Actor $actor, Dog $dog, \DateTimeImmutable $today): array
    {
        $rows = $this->scope->rows(
            $actor,
            "SELECT b.id, b.day, b.time, b.kind, b.note, b.state, b.version, b.staff_id, s.name staff FROM booking b
                LEFT JOIN staff s ON s.id = b.staff_id
            WHERE b.dog_id = :dog AND b.salon_id = :salon AND b.day >= :today
            AND b.state IN ('booked', 'wished') ORDER BY b.day, b.time LIMIT 6",
            ['dog' => $dog->id->toBinary(), 'today' => $today->format('Y-m-d')],
        );

        return array_map(
            static fn (array $row): BookingView => new BookingView(
                Row::id($row['id']),
                (string) $dog->id,
                $dog->name,
                Row::text($row['day']),
                Row::text($row['time']),
                Row::text($row['kind']),
                \is_string($row['staff']) ? $row['staff'] : null,
                \is_string($row['staff_id']) ? Row::id($row['staff_id']) : null,
                Row::text($row['note']),
                Row::text($row['state']),
                Row::int($row['version']) ?? 1,
            ),
            $rows,
        );
    }

    /** What a dog is booked for on a day; a full groom where it is not booked. */
    public function kind(Actor $actor, Dog $dog, \DateTimeImmutable $day): Service
    {
        $rows = $this->scope->rows(
            $actor,
            "SELECT kind FROM booking WHERE dog_id = :dog AND salon_id = :salon AND day = :day AND state = 'booked'
            ORDER BY time LIMIT 1",
            ['dog' => $dog->id->toBinary(), 'day' => $day->format('Y-m-d')],
        );

        return Service::tryFrom(Row::text($rows[0]['kind'] ?? '')) ?? Service::Full;
    }

    /**
     * What is booked from a day on, the first hundred.
     *
     * @return list<BookingView>
     */
    public function from(Actor $actor, string $day): array
    {
        return array_map(
            static fn (array $row): BookingView => new BookingView(
                Row::id($row['id']),
                Row::id($row['dog_id']),
                Row::text($row['dog_name']),
                Row::text($row['day']),
                Row::text($row['time']),
                Row::text($row['kind']),
                \is_string($row['staff']) ? $row['staff'] : null,
                \is_string($row['staff_id']) ? Row::id($row['staff_id']) : null,
                Row::text($row['note']),
                Row::text($row['state']),
                Row::int($row['version']) ?? 1,
            ),
            $this->scope->rows(
                $actor,
                "SELECT b.id, b.day, b.time, b.kind, b.note, b.state, b.version, b.dog_id, d.name dog_name,
                b.staff_id, s.name staff
                FROM booking b JOIN dog d ON d.id = b.dog_id LEFT JOIN staff s ON s.id = b.staff_id
                WHERE b.salon_id = :salon AND b.state = 'booked' AND b.day >= :from
                ORDER BY b.day, b.time, b.id LIMIT ".self::MOST,
                ['from' => $day],
            ),
        );
    }
}
