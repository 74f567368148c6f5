<?php

/** What was done to one zone, as a visit keeps it. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Recipe\ZoneRecipe;

final readonly class RecordedZone
{
    /** @param ZoneRecipe|null $actual null: as planned */
    public function __construct(
        public Zone $zone,
        public string $state,
        public ?ZoneRecipe $actual,
        public string $why = '',
        public ?Length $arrival = null,
        public bool $ownerCut = false,
    ) {
    }
}
