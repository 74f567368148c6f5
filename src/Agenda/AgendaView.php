<?php

/** A day of the diary, laid out. A response record. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Input\Says;

final readonly class AgendaView
{
    /**
     * @param list<AgendaPlaceView> $places
     * @param list<array{booking: string, dog: string, name: string}> $unweighed
     */
    public function __construct(
        public string $day,
        public string $today,
        public array $places,
        #[Says('booked, but nobody has weighed them: no minutes can be said')] public array $unweighed,
    ) {
    }
}
