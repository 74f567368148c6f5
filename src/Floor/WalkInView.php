<?php

/** What a dog would wait that comes now without a date. A response record. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class WalkInView
{
    /** @param list<array{name: string, minutes: int}> $late */
    public function __construct(
        public string $dog,
        public string $name,
        public string $kind,
        #[Says('minutes it takes; null: nobody has weighed the dog')] public ?int $minutes,
        #[Says('null: it cannot be today')] public ?string $begins,
        public ?string $ready,
        #[Says('minutes until it begins')] public ?int $wait,
        #[Gives('list<array{name: string, minutes: int}>'), Says('whose promise would go past, and by how much')]
        public array $late,
        #[Says('the quarter of an hour that would be booked now')] public string $time,
    ) {
    }
}
