<?php

/** What the form of a new booking says. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Visit\Visit;

final readonly class NewBooking
{
    public function __construct(
        #[Says('a day from today on')] public \DateTimeImmutable $day,
        #[Line(0, 12), Says('such as 09:30')] public string $time = '09:00',
        #[Choice(Visit::KINDS, 'kind of visit')] public string $kind = 'full',
        #[Text(0, 36), Says('who; null: not decided')] public ?string $staff = null,
        #[Text(0, 300)] public string $note = '',
        #[Line(0, 12), Says('when the owner is told it is ready; empty: once the minutes that are allowed are over')]
        public string $promised = '',
        #[Says('write to its owner, with a link to answer by')] public bool $write = false,
        #[Says('washed and dried on a day before this one, which is booked as well; null: all on one day')]
        public ?WashBefore $wash = null,
    ) {
    }
}
