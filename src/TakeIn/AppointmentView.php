<?php

/** An appointment of a calendar, as it would be booked. A response record. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class AppointmentView
{
    public function __construct(
        #[Says('as the calendar calls it')] public string $title,
        #[Says('by the clock on the salon\'s wall')] public string $day,
        public string $time,
        public string $kind,
        #[Says('whose it is; null: not known')] public ?string $dog,
        public string $dog_name,
        #[Gives("'ready'|'past'|'fault'|'booked'")] public string $state,
        #[Says('why it cannot be booked; empty: it can')] public string $why,
    ) {
    }

    public function with(string $state, string $why = ''): self
    {
        return new self(
            $this->title,
            $this->day,
            $this->time,
            $this->kind,
            $this->dog,
            $this->dog_name,
            $state,
            $why,
        );
    }
}
