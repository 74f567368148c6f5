<?php

/** What a calendar would come to, or what came of it. A response record. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class AppointmentsView
{
    /** @param list<AppointmentView> $appointments */
    public function __construct(
        #[Gives('list<AppointmentView>')] public array $appointments,
        #[Says('how many were booked; null: nothing was written')] public ?int $made = null,
    ) {
    }
}
