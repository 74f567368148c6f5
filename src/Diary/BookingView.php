<?php

/** One booking. A response record. */

declare(strict_types=1);

namespace KeenThistle\Diary;

final readonly class BookingView
{
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
        );
    }
}
