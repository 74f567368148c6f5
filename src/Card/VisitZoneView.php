<?php

/** One zone of a visit. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Visit\Visits;

/** @phpstan-import-type ZoneRow from Visits */
final readonly class VisitZoneView
{
    public function __construct(
        public string $zone,
        public string $state,
        public ?string $planned,
        public ?string $actual,
        public string $why,
        public ?float $finished_mm,
        public ?float $arrival_mm,
        public bool $owner_cut,
    ) {
    }

    /** @param ZoneRow $z */
    public static function of(array $z): self
    {
        return new self(
            zone: $z['zone'],
            state: $z['state'],
            planned: null === $z['planned']->method ? null : $z['planned']->words(),
            actual: null === $z['actual']->method ? null : $z['actual']->words(),
            why: $z['why'],
            finished_mm: null === $z['finished_um'] ? null : round($z['finished_um'] / 1000, 1),
            arrival_mm: null === $z['arrival_um'] ? null : round($z['arrival_um'] / 1000, 1),
            owner_cut: $z['owner_cut'],
        );
    }
}
