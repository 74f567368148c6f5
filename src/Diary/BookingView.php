<?php

/** One booking. A response record. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Input\Says;
use KeenThistle\Salon\Row;

final readonly class BookingView
{
    /** What is read of a booking b, its dog d and its person s. */
    public const COLUMNS =
        'b.id, b.day, b.time, b.kind, b.note, b.state, b.version, b.dog_id, d.name dog_name, b.staff_id, '.
        's.name staff, b.cause, b.first_day, b.series';

    public function __construct(
        public string $id,
        public string $dog,
        public string $dog_name,
        public string $day,
        public string $time,
        public string $kind,
        public ?string $staff,
        public ?string $staff_id,
        public string $note,
        public string $state,
        public int $version,
        #[Says('why it is later than it was first booked for')] public string $cause,
        #[Says('the day it was booked for before it slipped')] public ?string $first_day,
        #[Says('what was booked in one go has one')] public ?string $series,
    ) {
    }

    public static function of(Booking $b): self
    {
        return new self(
            (string) $b->id,
            (string) $b->dog->id,
            $b->dog->name,
            $b->day->format('Y-m-d'),
            $b->time,
            $b->kind,
            $b->staff?->name,
            null === $b->staff ? null : (string) $b->staff->id,
            $b->note,
            $b->state,
            $b->version,
            $b->cause,
            $b->firstDay?->format('Y-m-d'),
            null === $b->series ? null : (string) $b->series,
        );
    }

    /** @param array<string, mixed> $row of these columns */
    public static function ofRow(array $row): self
    {
        return new self(
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
            Row::text($row['cause']),
            \is_string($row['first_day']) ? $row['first_day'] : null,
            \is_string($row['series']) ? Row::id($row['series']) : null,
        );
    }
}
