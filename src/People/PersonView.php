<?php

/** Somebody who works in the salon, or has. A response record. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class PersonView
{
    /**
     * @param list<AheadView> $ahead
     * @param list<array{day: string, from: string, to: string}> $hours
     * @param list<array{from: string, to: string, why: string}> $away
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $login,
        public string $email,
        public string $role,
        public string $role_label,
        public ?string $place,
        #[Says('how sure with dogs that bear a task badly, 1 to 5')] public int $confidence,
        #[Says('false: works here no more')] public bool $active,
        #[Says('visits booked with somebody who works here no more: to be moved'),
            Gives('list<AheadView>')]
        public array $ahead,
        #[Says('task => 0 to 5; a task that is not there: not said'), Gives('array<string, int>')]
        public object $skills,
        #[Says('when they work; none at all: not said'), Gives(PlaceView::HOURS)] public array $hours,
        #[Gives(PlaceView::CLOSED)] public array $away,
        #[Says('their break of each day; empty: none')] public string $break_from,
        public string $break_to,
        #[Says('most heavy dogs a day; null: any number')] public ?int $heavy_most,
        #[Says('most minutes of stripping a day; null: as many as there are')] public ?int $strip_most,
    ) {
    }
}
