<?php

/** The response record of a list of bookings. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use OpenApi\Attributes as OA;

#[OA\Schema(required: ['bookings'])]
final readonly class BookingsView
{
    /** @param list<BookingView> $bookings */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BookingView::class))] public array $bookings,
    ) {
    }
}
