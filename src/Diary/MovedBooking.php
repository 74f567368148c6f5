<?php

/** What the form says of a booking that moves. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Visit\Visit;

final readonly class MovedBooking
{
    public function __construct(
        #[Says('a day from today on')] public \DateTimeImmutable $day,
        #[Line(0, 12), Says('such as 09:30')] public string $time,
        #[Choice(Visit::KINDS, 'kind of visit')] public string $kind,
        #[Text(0, 36), Says('who; null: not decided')] public ?string $staff = null,
        #[Choice(Booking::CAUSES, 'cause'), Says('why it is later than it was first booked for; empty: not said')]
        public string $cause = '',
        #[Says('write to its owner, with a link to answer by')] public bool $write = false,
    ) {
    }
}
