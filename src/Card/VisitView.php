<?php

/** One visit, as a card lists it; its zones come when it is opened. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Visit\History;

/** @phpstan-import-type PastRow from History */
final readonly class VisitView
{
    public function __construct(
        public string $id,
        public string $day,
        public string $kind,
        public string $staff,
        public string $place,
        public ?int $minutes,
        public ?float $arrival_load,
        public int $tender_severity,
        public ?string $upkeep,
        public string $note,
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
