<?php

/** Who waits for a place on a day, and where there is one. A response record. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class WaitingView
{
    private const ROW =
        'list<array{id: string, dog: string, name: string, person: string, phone: string, kind: string, '.
        'since: string, until: string, note: string, staff: string|null, minutes: int|null, time: string|null, '.
        'with: string|null, with_name: string|null}>';

    /** @param list<array<string, mixed>> $waiting */
    public function __construct(
        #[Gives(self::ROW), Says('the longest waiting first; time and with: where the day has room for it; staff: '.
            'with whom it would come')]
        public array $waiting,
    ) {
    }
}
