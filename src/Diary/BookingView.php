<?php

/** One booking. A response record. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['id', 'dog', 'dog_name', 'day', 'time', 'kind', 'staff', 'note', 'state', 'version'])]
final readonly class BookingView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $dog,
        #[OA\Property] public string $dog_name,
        #[OA\Property] public string $day,
        #[OA\Property] public string $time,
        #[OA\Property] public string $kind,
        #[OA\Property(nullable: true)] public ?string $staff,
        #[OA\Property] public string $note,
        #[OA\Property] public string $state,
        #[OA\Property] public int $version,
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
            $b->note,
            $b->state,
            $b->version,
        );
    }
}
