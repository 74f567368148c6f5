<?php

/** One zone of a visit. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Visit\Visits;
use OpenApi\Attributes as OA;

/** @phpstan-import-type ZoneRow from Visits */
#[OA\Schema(required: ['zone', 'state', 'planned', 'actual', 'why', 'finished_mm', 'arrival_mm', 'owner_cut'])]
final readonly class VisitZoneView
{
    public function __construct(
        #[OA\Property] public string $zone,
        #[OA\Property] public string $state,
        #[OA\Property(nullable: true)] public ?string $planned,
        #[OA\Property(nullable: true)] public ?string $actual,
        #[OA\Property] public string $why,
        #[OA\Property(nullable: true)] public ?float $finished_mm,
        #[OA\Property(nullable: true)] public ?float $arrival_mm,
        #[OA\Property] public bool $owner_cut,
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
