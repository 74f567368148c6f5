<?php

/** The van at the end of a stop: what it took so far to be there, and what it has left. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

final readonly class Label
{
    /**
     * @param int $time minutes since midnight
     * @param int $late minutes late so far, of all stops
     * @param float $water litres, as far as what follows takes them
     * @param float $power minutes, as far as what follows takes them
     * @param int $stop index of the stop it is at; -1: at base, in the morning
     * @param Refill|null $by where it was filled on the way there
     */
    public function __construct(
        public int $time,
        public int $late,
        public float $water,
        public float $power,
        public int $stop = -1,
        public ?self $before = null,
        public ?Refill $by = null,
    ) {
    }
}
