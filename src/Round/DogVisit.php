<?php

/** A dog that the van calls for. */

declare(strict_types=1);

namespace KeenThistle\Round;

final readonly class DogVisit
{
    /**
     * @param int $version of the booking
     * @param int $told minutes from midnight, as its owner knows it
     * @param string $unknown what has been put in for what nobody knows, in words; empty: all is known
     * @param ''|'at_work'|'done' $state
     * @param list<array{zones: list<string>, needs: string, instead: string|null, difference_mm: float|null}> $missing
     *     what the van's kit does not make
     */
    public function __construct(
        public string $booking,
        public int $version,
        public string $dog,
        public string $name,
        public string $kind,
        public int $told,
        public int $minutes,
        public float $litres,
        public float $powerMinutes,
        public string $unknown,
        public string $state,
        public array $missing,
    ) {
    }
}
