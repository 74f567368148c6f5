<?php

/** How full the days of a week are. A response record. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Input\Says;

final readonly class AgendaWeekView
{
    /** @param list<array{day: string, dogs: int, minutes: int, hands: int}> $days */
    public function __construct(
        #[Says('minutes: what is booked takes of people, at the minutes that four of five visits keep; '.
            'hands: minutes of those who are there')]
        public array $days,
    ) {
    }
}
