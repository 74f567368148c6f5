<?php

/** One visit, as a card lists it; its zones come when it is opened. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Visit\History;
use OpenApi\Attributes as OA;

/** @phpstan-import-type PastRow from History */
#[OA\Schema(
    required: [
        'id',
        'day',
        'kind',
        'staff',
        'place',
        'minutes',
        'arrival_load',
        'tender_severity',
        'upkeep',
        'note',
    ],
)]
final readonly class VisitView
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $day,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $staff,
        #[OA\Property] public string $place,
        #[OA\Property(nullable: true)] public ?int $minutes,
        #[OA\Property(nullable: true)] public ?float $arrival_load,
        #[OA\Property] public int $tender_severity,
        #[OA\Property(nullable: true)] public ?string $upkeep,
        #[OA\Property] public string $note,
    ) {
    }

    /** @param PastRow $v */
    public static function of(array $v): self
    {
        return new self(
            id: $v['id'],
            day: $v['day'],
            kind: $v['kind'],
            staff: $v['staff'],
            place: $v['place'],
            minutes: $v['minutes'],
            arrival_load: $v['load'],
            tender_severity: $v['tender'],
            upkeep: $v['upkeep'],
            note: $v['note'],
        );
    }
}
